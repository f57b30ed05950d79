using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>Where a move can start and where it leads, when nobody told.</summary>
public static class Landing
{
    private static readonly PlaceId Clinch = new("clinch/neutral");

    /// <summary>Whether somebody can do a move from a place, as far as the vocabulary knows.</summary>
    public static bool CanStart(Move move, Place place, Who actor)
    {
        var seen = place.SeenBy(actor);
        return move.From.Contains(seen) || (move.From.Count == 0 && (move.Stays || seen.IsTop || seen.Role == Role.Neutral));
    }

    /// <summary>Whether somebody may well do a move from a place, the vocabulary's usual starts or not.</summary>
    public static bool Suits(Move move, Place place, Who actor) =>
        CanStart(move, place, actor)
        || (move.Kind is MoveKind.Sweep or MoveKind.Pass or MoveKind.Escape or MoveKind.GuardRecovery && Fits(move, place, actor));

    /// <summary>The place a move starts from: where the walk is, if it can; else the one place that leaves no choice.</summary>
    public static Place? Start(Move move, Who actor, Place? now)
    {
        if (now is not null && (CanStart(move, now, actor) || Fits(move, now, actor)))
            return now;
        var starts = move.From.Where(f => f.Id != Clinch).Select(f => f.SeenBy(actor)).ToList();
        if (now is null)
            return starts.Count == 1 ? starts[0] : null;
        // The telling skipped a step: the place of the same family that this move can start from, if there is just one.
        var near = starts.Where(s => s.Position.Family == now.Position.Family).ToList();
        return near.Count == 1 ? near[0]
            : starts.Count == 1 ? starts[0]
            : null;
    }

    /// <summary>Where a move leads that landed, as seen from me; null where that cannot be said or it moves nobody.</summary>
    public static Place? End(Move move, Who actor, Place? from)
    {
        if (move.To is null)
            return null;
        var to = move.To.SeenBy(actor);
        // Flattening out from the back does not give up the back for half guard.
        var loses = from is not null && (actor == Who.Me ? to.Control < from.Control : to.Control > from.Control);
        var mayStay = to.Role is Role.Top or Role.Bottom && move.Kind == MoveKind.Transition;
        return loses && mayStay && !CanStart(move, from!, actor) ? null : to;
    }

    // A move that the vocabulary does not start here, yet nothing speaks against: a sweep from the bottom, a pass from the top.
    private static bool Fits(Move move, Place now, Who actor)
    {
        var seen = now.SeenBy(actor);
        return move.Kind switch
        {
            MoveKind.Takedown => seen.Role == Role.Neutral,
            MoveKind.GuardPull => seen.Role == Role.Neutral,
            MoveKind.Sweep => seen.IsBottom || seen.Role == Role.Neutral,
            MoveKind.Pass => seen is { IsTop: true, IsGuard: true },
            MoveKind.Escape or MoveKind.GuardRecovery => seen.IsBottom || seen.Role == Role.Neutral,
            _ => true,
        };
    }
}
