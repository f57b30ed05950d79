using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>What one change of place is worth by itself, without the clock, the seconds of control or what was scored before.</summary>
public static class PlacePoints
{
    /// <summary>Points to the one who made the change, at least 0; what it is for, <see cref="Worth"/> says. Own terms score nothing.</summary>
    /// <param name="rules">What is worth what.</param>
    /// <param name="vocabulary">Where the places stand.</param>
    /// <param name="from">The place before, seen from me.</param>
    /// <param name="to">The place after, seen from me.</param>
    /// <param name="by">Who made the change.</param>
    public static int Of(Ruleset rules, MatVocabulary vocabulary, PlaceId from, PlaceId to, Who by)
    {
        if (vocabulary.Place(from)?.SeenBy(by) is not { } before || vocabulary.Place(to)?.SeenBy(by) is not { } after)
            return 0;
        var points = 0;
        foreach (var what in Worth.Of(before, after, kind: null, bodyTriangleIsHooks: false))
            points += Value(rules, what, Worth.IsPastGuard(after));
        return points;
    }

    private static int Value(Ruleset rules, ScoredFor what, bool pastGuard) =>
        what switch
        {
            ScoredFor.Takedown => pastGuard ? rules.TakedownPastGuard : rules.Takedown,
            ScoredFor.Sweep => pastGuard ? rules.SweepPastGuard : rules.Sweep,
            ScoredFor.Pass => rules.Pass,
            ScoredFor.KneeOnBelly => rules.KneeOnBelly,
            ScoredFor.Mount => rules.Mount,
            ScoredFor.Back => rules.Back,
            _ => 0,
        };
}
