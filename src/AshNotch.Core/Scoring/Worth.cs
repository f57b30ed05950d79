using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>
/// What one change of place is for by itself, without the clock, the seconds of control or what was scored before. Source: IBJJF rule book
/// and ADCC rules, from memory: takedown and sweep end on top, a pass ends in a pin past the legs, knee on belly, mount and the back with
/// hooks score on reaching them and add to what led there.
/// </summary>
internal static class Worth
{
    private const string BodyTriangle = "body-triangle";

    /// <summary>What it is for, in order; several where a pass ends in mount.</summary>
    /// <param name="from">Where it began, as the one sees it who made it; null where nobody knows.</param>
    /// <param name="to">Where it led, as they see it.</param>
    /// <param name="kind">The kind of the move; null for one that nobody named.</param>
    /// <param name="bodyTriangleIsHooks">A body triangle counts as hooks.</param>
    public static IEnumerable<ScoredFor> Of(Place? from, Place to, MoveKind? kind, bool bodyTriangleIsHooks)
    {
        if (!to.IsTop || to.Position.Family == Family.Legs)
            yield break;
        var control = Control(to, bodyTriangleIsHooks);
        if (Way(from, to, kind) is { } way)
            yield return way;
        if (control is { } held && !(from is { IsTop: true } && Control(from, bodyTriangleIsHooks) == held))
            yield return held;
    }

    /// <summary>What holding a place from above counts as.</summary>
    public static ScoredFor? Control(Place place, bool bodyTriangleIsHooks) =>
        !place.IsTop ? null
        : place.Position.Id == BodyTriangle ? (bodyTriangleIsHooks ? ScoredFor.Back : null)
        : place.Position.Scores switch
        {
            ScoredControl.KneeOnBelly => ScoredFor.KneeOnBelly,
            ScoredControl.Mount => ScoredFor.Mount,
            ScoredControl.Back => ScoredFor.Back,
            _ => null,
        };

    /// <summary>It ends past the legs.</summary>
    public static bool IsPastGuard(Place to) => to is { IsTop: true, IsGuard: false };

    private static ScoredFor? Way(Place? from, Place to, MoveKind? kind)
    {
        if (to.Position.Family == Family.Back)
            return null;
        if (from is null)
            return kind switch
            {
                MoveKind.Takedown => ScoredFor.Takedown,
                MoveKind.Sweep => ScoredFor.Sweep,
                MoveKind.Pass when IsPin(to) => ScoredFor.Pass,
                _ => null,
            };
        // Over the turtle only a takedown that is told as one has put somebody down.
        if (from.Position.Family == Family.Standing)
            return to.Position.Family != Family.Turtle || kind == MoveKind.Takedown ? ScoredFor.Takedown : null;
        // Out of a place that is neither's a pass is a pass, when it is told as one.
        if (from is { IsGuard: true, Role: Role.Neutral } && kind == MoveKind.Pass && IsPin(to))
            return ScoredFor.Pass;
        // The dogfight is where a half-guard player comes up; whoever ends on top of it is taken to have swept.
        if (from is { IsGuard: true, IsTop: false })
            return ScoredFor.Sweep;
        return from is { IsGuard: true, IsTop: true } && IsPin(to) ? ScoredFor.Pass : null;
    }

    private static bool IsPin(Place to) => to.Position.Family is Family.Pin or Family.Mount && to.Position.Id != "three-quarter-mount";
}
