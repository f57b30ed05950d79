using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Says which role I have in a position that a clause names, and whether that was said or guessed.</summary>
internal static class PlaceReading
{
    /// <summary>The place, seen from me.</summary>
    /// <param name="clause">The clause that names it.</param>
    /// <param name="named">The name.</param>
    /// <param name="actor">Whose action the clause tells, if known.</param>
    /// <param name="move">The move it goes with, if any.</param>
    /// <param name="use">Whether the move starts or ends there.</param>
    /// <param name="now">The place the walk is in.</param>
    /// <returns>The place and whether the role is a guess.</returns>
    public static (Place Place, bool Guess) Of(Clause clause, Found named, Who? actor, Move? move, PlaceUse use, Place? now)
    {
        var position = named.Position!;
        Place Mine(Role role) => position.As(role)!;
        Place Actors(Role role) => Mine(role).SeenBy(actor ?? Who.Me);

        if (position.Holder == Role.Neutral)
            return (Mine(Role.Neutral), false);
        var holder = position.Holder;
        var other = holder.Opposite();

        // "his back" is held by the other one; "his mount" by himself.
        if (position.Family == Family.Back && clause.Words[named.First].Text is "my" or "his" or "her" or "their")
            return (Mine(clause.Words[named.First].Text == "my" ? Role.Bottom : Role.Top), false);
        // "He gave up the back": the other one has it now.
        if (
            position.Family == Family.Back
            && actor is not null
            && clause.SaysAny(["gives up", "gave up", "giving up", "give up", "exposed", "exposes", "gave me", "gives me"])
        )
            return (Actors(other), false);
        if (clause.OwnerOf(named) is { } owner)
        {
            var owned = position.Family == Family.Back && clause.Words[named.After - 1].Text == "back" ? other : holder;
            return (Mine(owner == Who.Me ? owned : owned.Opposite()), false);
        }

        if (holder is Role.Top or Role.Bottom && Vertical(clause, named) is { } said)
            return (Actors(said), actor is null && clause.Subject is null);

        if (move is not null && actor is not null)
        {
            if (use == PlaceUse.To)
            {
                if (move.To?.Position == position)
                    return (move.To!.SeenBy(actor.Value), false);
                var role = move.Kind switch
                {
                    MoveKind.GuardPull or MoveKind.GuardRecovery => Role.Bottom,
                    MoveKind.Escape => Mine(Role.Bottom).IsGuard || position.Id == "turtle" ? Role.Bottom : Role.Top,
                    MoveKind.Transition or MoveKind.Control when now is not null && Mine(holder).IsGuard => Above(now, actor.Value)
                        ? Role.Top
                        : Role.Bottom,
                    _ => Role.Top,
                };
                if (holder is Role.Attacking or Role.Defending)
                    role = Role.Attacking;
                return (Actors(role), false);
            }
            if (move.From.FirstOrDefault(p => p.Position == position) is { } usual)
                return (usual.SeenBy(actor.Value), false);
        }

        if (now?.Position == position && use == PlaceUse.At)
            return (now, false);
        // "he had me in side control", "put him in my guard": the one who acts holds it.
        if (actor is { } && Puts(clause, named))
            return (Actors(holder), false);
        if (actor is null)
            return (Mine(Same(now, Mine(holder), Mine(other))), true);
        if (position.Id is "turtle")
            return (Actors(clause.Has(OnTurtle) ? Role.Top : Role.Bottom), false);
        if (clause.Has(Cues.Held) && Mine(holder) is { IsGuard: false })
            return (Actors(other), false);

        var takes = clause.Has(Cues.Takes) && !clause.Has(Being);
        if (Mine(holder).IsGuard && holder == Role.Bottom)
        {
            if (clause.Has(Plays))
                return (Actors(holder), false);
            // The one who was on top stays on top when they come to a guard: the other has recovered it, or they have passed into it.
            if (now is { Role: not Role.Neutral })
                return (Actors(Above(now, actor.Value) ? Role.Top : Role.Bottom), false);
            return (Actors(holder), !takes);
        }
        if (takes)
            return (Actors(holder), false);
        // "I was in side control" leaves open who pins. The one place that keeps top and bottom as they were is likelier.
        if (now is { Role: not Role.Neutral })
            return (Mine(Same(now, Mine(holder), Mine(other))), use == PlaceUse.At && now.Position.Family != position.Family);
        return (Actors(holder), true);
    }

    private static readonly HashSet<string> OnTurtle = ["attack", "jump", "climb", "riding", "rid", "break"];
    private static readonly HashSet<string> Plays =
    [
        "pull",
        "sit",
        "sat",
        "recov",
        "play",
        "clos",
        "insert",
        "regain",
        "replac",
        "retain",
        "invert",
        "fram",
        "snuck",
        "sneak",
        "pummel",
    ];
    private static readonly HashSet<string> Being = ["be", "im", "stuck", "stick"];

    private static bool Above(Place now, Who actor) => actor == Who.Me ? now.IsTop : now.IsBottom;

    // "on top", "on the bottom", "bottom half": said within a few words of the name.
    private static Role? Vertical(Clause clause, Found named)
    {
        for (var i = Math.Max(clause.First, named.First - 4); i < Math.Min(clause.After, named.After + 3); i++)
        {
            var text = clause.Words[i].Text;
            if (text == "top" && clause.At(i - 1) is not "over" and not "the" && clause.At(i + 1) is not "of")
                return Role.Top;
            if (text is "bottom" or "underneath")
                return Role.Bottom;
        }
        return null;
    }

    private static bool Puts(Clause clause, Found named)
    {
        for (var i = clause.First; i + 2 < named.First + 1 && i + 1 < clause.After; i++)
        {
            if (
                clause.Words[i].Stem
                    is "hav"
                        or "put"
                        or "get"
                        or "catch"
                        or "trap"
                        or "hold"
                        or "keep"
                        or "pull"
                        or "stick"
                        or "drag"
                        or "pin"
                && clause.ObjectAfter(i) is not null
                && clause.At(i + 2) is "in" or "into" or "to" or "under" or "back"
            )
                return true;
        }
        return false;
    }

    private static Role Same(Place? now, Place holder, Place other)
    {
        if (now is null)
            return holder.Role;
        return holder.IsTop == now.IsTop ? holder.Role : other.Role;
    }
}
