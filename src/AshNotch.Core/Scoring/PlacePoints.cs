using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>What one change of place is worth by itself, without the clock, the seconds of control or what was scored before.</summary>
public static class PlacePoints
{
    /// <summary>
    /// Points to the one who made the change, at least 0. Source: IBJJF rule book, from memory: takedown and sweep end on top, a pass
    /// ends in a pin past the legs (ADCC gives more for a takedown or a sweep that ends there), knee on belly, mount and back with hooks score on reaching them and add to the pass (3 and 4 make 7).
    /// Own terms score nothing.
    /// </summary>
    /// <param name="rules">What is worth what.</param>
    /// <param name="vocabulary">Where the places stand.</param>
    /// <param name="from">The place before, seen from me.</param>
    /// <param name="to">The place after, seen from me.</param>
    /// <param name="by">Who made the change.</param>
    public static int Of(Ruleset rules, MatVocabulary vocabulary, PlaceId from, PlaceId to, Who by)
    {
        if (vocabulary.Place(from)?.SeenBy(by) is not { } before || vocabulary.Place(to)?.SeenBy(by) is not { } after)
            return 0;
        if (!after.IsTop || after.Position.Family == Family.Legs)
            return 0;

        var points = 0;
        var reachesBack = after.Position.Family == Family.Back;
        if (before.Position.Family == Family.Standing && !reachesBack && after.Position.Family != Family.Turtle)
            points += after.IsGuard ? rules.Takedown : rules.TakedownPastGuard;
        else if (ComesFromUnder(before) && !reachesBack)
            points += after.IsGuard ? rules.Sweep : rules.SweepPastGuard;
        else if (
            before.IsGuard
            && before.IsTop
            && after.Position.Family is Family.Pin or Family.Mount
            && !(after.Position.Id == "three-quarter-mount")
        )
            points += rules.Pass;

        if (after.Position.Scores is { } scores && !(before.IsTop && before.Position.Scores == scores))
        {
            points += scores switch
            {
                ScoredControl.KneeOnBelly => rules.KneeOnBelly,
                ScoredControl.Mount => rules.Mount,
                _ => rules.Back,
            };
        }
        return points;
    }

    // The dogfight is where a half-guard player comes up; whoever ends on top of it is taken to have swept.
    private static bool ComesFromUnder(Place before) => before.IsGuard && (before.IsBottom || before.Role == Role.Neutral);
}
