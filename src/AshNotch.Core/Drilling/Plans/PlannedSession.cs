using AshNotch.Core.Drilling.Rounds;

namespace AshNotch.Core.Drilling.Plans;

/// <summary>What is to be done on one day.</summary>
/// <param name="Date">The day.</param>
/// <param name="Minutes">The minutes that were given for it.</param>
/// <param name="Rounds">The rounds, whose minutes together are never more.</param>
/// <param name="Note">What else is to be said of the day; null where nothing is.</param>
/// <param name="Time">When it begins, by the clock on the wall; null when not said.</param>
public sealed record PlannedSession(DateOnly Date, int Minutes, IReadOnlyList<PlannedRound> Rounds, string? Note, TimeOnly? Time = null)
{
    /// <summary>The minutes of its rounds together.</summary>
    public int InRounds => Rounds.Sum(r => r.Round.Minutes);

    /// <summary>The mission for the usual rolls of the day; null on a day without rounds.</summary>
    public Round? Mission => Rounds.Select(r => r.Round).FirstOrDefault(r => r.Rung == Rung.Live);

    /// <summary>Whom with, each once, though they suit several rounds: what is said of them is of the mission's place where it can be.</summary>
    public IReadOnlyList<Suited> With => [.. Rounds.Reverse().SelectMany(r => r.With).DistinctBy(w => w.Partner)];
}
