using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;

namespace AshNotch.Core.Drilling.Review;

/// <summary>What was seen of an exchange since a day, and what was to be expected of the same rolls by what was known before.</summary>
/// <param name="Observed">How often it came off.</param>
/// <param name="Tries">How often it was tried.</param>
/// <param name="Expected">How often it was to come off.</param>
/// <param name="Days">The day of each step at its place.</param>
/// <param name="Chances">Draws of its chance, as a multiple of their mean: how unsure the expectation is.</param>
internal sealed record SeenSince(int Observed, int Tries, double Expected, IReadOnlyList<DateOnly> Days, IReadOnlyList<double> Chances)
{
    private const int Draws = 100;

    /// <summary>Looks at an exchange of a named move; null where none is named, or nobody was at its place since.</summary>
    /// <param name="way">The exchange; looked at on both sides.</param>
    /// <param name="since">The first day that counts as after.</param>
    /// <param name="last">The last day looked at.</param>
    /// <param name="before">What was known before it: <see cref="Experience.OfBefore"/>.</param>
    public static SeenSince? Of(Way way, DateOnly since, DateOnly last, Experience before)
    {
        var (_, walk, model, _) = before;
        if (way.Move is not { } move || model.Shape.IndexOf(way.From) < 0)
            return null;
        var (observed, tries, expected) = (0, 0, 0.0);
        var days = new List<DateOnly>();
        foreach (var step in walk.Steps)
        {
            if (step.From != way.From || walk.Rolls[step.Roll].Logged.Session.Date is not { } day || day < since || day > last)
                continue;
            days.Add(day);
            expected += model.Written(way.From, step.Roll, way.By, move);
            if (step.By != way.By || step.Move != move)
                continue;
            tries++;
            observed += step.Result == StepResult.Stays ? 0 : 1;
        }
        if (days.Count == 0)
            return null;
        var drawn = Enumerable.Range(0, Draws).Select(d => Chance(way, model.Drawn(d, Against.Usual))).ToArray();
        var mean = drawn.Average();
        return new SeenSince(observed, tries, expected, days, [.. drawn.Select(c => mean > 0 ? c / mean : 1)]);
    }

    private static double Chance(Way way, RollChain chain) => chain.Shape.ExitsOf(way).Sum(e => chain.Chances[e]);
}
