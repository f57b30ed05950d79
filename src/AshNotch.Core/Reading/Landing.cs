using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Where a move starts and leads when the telling skips it.</summary>
internal static class Landing
{
    private static readonly MatVocabulary Vocabulary = MatVocabulary.BuiltIn;

    /// <summary>Whether somebody can do a move from a place, as far as the vocabulary knows.</summary>
    public static bool CanStart(Move move, Place place, Who actor)
    {
        var seen = Vocabulary.Seen(place.Id, actor);
        return move.From.Contains(seen)
            || (move.From.Count == 0 && (move.Stays || Vocabulary.Place(seen) is { IsTop: true } or { Role: Role.Neutral }));
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
        var starts = move.From.Where(f => f != "clinch/neutral").Select(f => Vocabulary.Place(Vocabulary.Seen(f, actor))!).ToList();
        if (now is null)
            return starts.Count == 1 ? starts[0] : null;
        // The telling skipped a step: the place of the same family that this move can start from, if there is just one.
        var near = starts.Where(s => s.Position.Family == now.Position.Family).ToList();
        return near.Count == 1 ? near[0]
            : starts.Count == 1 ? starts[0]
            : null;
    }

    // A move that the vocabulary does not start here, yet nothing speaks against: a sweep from the bottom, a pass from the top.
    private static bool Fits(Move move, Place now, Who actor)
    {
        var seen = Vocabulary.Place(Vocabulary.Seen(now.Id, actor))!;
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

    /// <summary>Where a move leads that landed, as seen from me; null where that cannot be said or it moves nobody.</summary>
    public static Place? End(Move move, Who actor, Place? from)
    {
        if (move.To is null)
            return null;
        var to = Vocabulary.Place(Vocabulary.Seen(move.To, actor));
        // Flattening out from the back does not give up the back for half guard.
        var loses = from is not null && to is not null && (actor == Who.Me ? to.Control < from.Control : to.Control > from.Control);
        return
            to == from
            || (loses && to!.Role is Role.Top or Role.Bottom && move.Kind == MoveKind.Transition && !CanStart(move, from!, actor))
            ? null
            : to;
    }
}
