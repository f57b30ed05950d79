using AshNotch.Core.Rolls;

namespace AshNotch.Core.Drilling.Plans;

/// <summary>A block as sessions.</summary>
/// <param name="Sessions">The sessions, in order.</param>
/// <param name="None">Why there is no round in it, in a sentence; null where there is.</param>
public sealed record Plan(IReadOnlyList<PlannedSession> Sessions, string? None)
{
    /// <summary>The plan with the practitioner's own cues for each round.</summary>
    /// <param name="cues">What they took away or were told, by exchange.</param>
    public Plan With(Func<Way, IReadOnlyList<string>> cues) =>
        this with
        {
            Sessions =
            [
                .. Sessions.Select(s =>
                    s with
                    {
                        Rounds = [.. s.Rounds.Select(r => r with { Round = r.Round with { Own = cues(r.Round.Way) } })],
                    }
                ),
            ],
        };

    /// <summary>The first session of which nothing was done yet; null where there is none.</summary>
    public PlannedSession? NextAfter(IReadOnlyList<DrilledSession> done) => Sessions.FirstOrDefault(s => done.All(d => d.Date != s.Date));
}
