using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>How a place is meant in a clause.</summary>
internal enum PlaceUse
{
    /// <summary>The walk starts there or is there: from, in.</summary>
    At,
    /// <summary>The walk goes there.</summary>
    To,
}

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
        var vocabulary = MatVocabulary.BuiltIn;
        var position = named.Position!;
        Place Mine(Role role) => vocabulary.Place(position, role)!;
        Place Actors(Role role) => vocabulary.Place(vocabulary.Seen(Mine(role).Id, actor ?? Who.Me))!;

        if (position.Holder == Role.Neutral) return (Mine(Role.Neutral), false);
        var holder = position.Holder;
        var other = holder switch { Role.Top => Role.Bottom, Role.Bottom => Role.Top, Role.Attacking => Role.Defending, _ => Role.Attacking };

        // "my guard", "his mount"
        if (named.First > clause.First)
        {
            var before = clause.Words[named.First - 1].Text;
            if (Cues.Mine.Contains(before)) return (Mine(holder), false);
            if (Cues.Theirs.Contains(before) || clause.Names.Contains(before.TrimEnd('s'))) return (Mine(other), false);
        }

        // "on top", "on the bottom", "bottom half"
        if (holder is Role.Top or Role.Bottom)
        {
            var said = clause.Loose.LastOrDefault(l => l.Word.Text is "top" or "bottom" or "underneath");
            if (said.Word is not null)
            {
                return (Actors(said.Word.Text == "top" ? Role.Top : Role.Bottom), actor is null);
            }
        }

        if (move is not null && actor is not null)
        {
            if (use == PlaceUse.To)
            {
                if (vocabulary.Place(move.To)?.Position == position) return (vocabulary.Place(vocabulary.Seen(move.To!, actor.Value))!, false);
                var role = move.Kind switch
                {
                    MoveKind.GuardPull or MoveKind.GuardRecovery => Role.Bottom,
                    MoveKind.Escape => vocabulary.Place(position, Role.Bottom) is { IsGuard: true } || position.Id == "turtle" ? Role.Bottom : Role.Top,
                    _ => Role.Top,
                };
                if (holder is Role.Attacking or Role.Defending) role = Role.Attacking;
                return (Actors(role), false);
            }
            if (move.From.Select(vocabulary.Place).FirstOrDefault(p => p?.Position == position) is { } usual)
            {
                return (vocabulary.Place(vocabulary.Seen(usual.Id, actor.Value))!, false);
            }
        }

        if (now?.Position == position && use == PlaceUse.At) return (now, false);
        if (actor is null) return (Mine(Same(now, Mine(holder), Mine(other))), true);
        if (clause.Has(Cues.Held) || clause.Says("stuck in") || clause.Says("put me in") || clause.Says("put him in") || clause.Says("put her in"))
        {
            // "stuck in side control": the subject is held, unless it is a guard, where one is stuck inside it.
            return (Actors(other), false);
        }
        var takes = clause.Has(Cues.Takes);
        var inside = clause.Says("in") || clause.Says("inside");
        if (takes && !inside) return (Actors(holder), false);
        // "I was in side control" leaves open who pins; "in closed guard" who plays it. The one place that keeps top and bottom as they were is likelier.
        var guess = now is null || now.Role == Role.Neutral ? Actors(holder) : Mine(Same(now, Mine(holder), Mine(other)));
        return (guess, true);
    }

    private static Role Same(Place? now, Place holder, Place other)
    {
        if (now is null) return holder.Role;
        return holder.IsTop == now.IsTop ? holder.Role : other.Role;
    }
}
