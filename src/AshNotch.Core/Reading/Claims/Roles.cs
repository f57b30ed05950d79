using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>Who is above whom in a place, as far as a clause says it.</summary>
internal static class Roles
{
    private const double Unlikely = 1.2;

    /// <summary>The places a name may mean, the likelier first.</summary>
    /// <param name="use">The name.</param>
    /// <param name="clause">Its clause.</param>
    /// <param name="words">The words.</param>
    /// <param name="actor">Who acts in it, if known.</param>
    public static IReadOnlyList<May<Place>> Of(NameUse use, Clause clause, IReadOnlyList<Word> words, Who? actor)
    {
        var position = use.Found.Position!;
        var holder = position.Holder;
        if (holder == Role.Neutral)
            return [new(position.As(Role.Neutral)!, 0)];
        var held = position.As(holder)!;
        var other = position.As(holder.Opposite())!;
        IReadOnlyList<May<Place>> Is(Place place, double otherCost) =>
            otherCost > 5 ? [new(place, 0)] : [new(place, 0), new(place == held ? other : held, otherCost)];
        var named = words[use.Found.First].Text;
        var last = words[use.Found.After - 1].Text;

        // "my back" is held by the other one; "his mount" by himself.
        var owner =
            use.Owner
            ?? (
                named == "my" ? Party.Me
                : named is "his" or "her" or "their" ? Party.Partner
                : null
            );
        if (owner is Party.Me or Party.Partner)
        {
            var mine = owner == Party.Me;
            if (position.Family == Family.Back && last == "back")
                mine = !mine;
            return Is(mine ? held : other, position.Family == Family.Turtle ? 2 : 9);
        }
        if (Above(use, clause, words) is { } above && holder is Role.Top or Role.Bottom)
        {
            var mineIsTop = clause.Subject == Party.Partner ? !above : above;
            return Is(position.As(mineIsTop ? Role.Top : Role.Bottom)!, clause.Subject is null ? 3 : 9);
        }
        if (LegOf(use, words) is { } hung && held.IsGuard)
            return Is(held.SeenBy(hung == Party.Me ? Who.Partner : Who.Me), 9);
        // "I was side-controlled".
        if (actor is { } one && last.EndsWith("ed", StringComparison.Ordinal) && clause.Items.Any(i => i.Part == Part.Be))
            return Is(position.As(holder.Opposite())!.SeenBy(one), 9);
        // "He squashed me in side control": whoever it is done to is the one underneath.
        if (
            clause.Object is Party.Me or Party.Partner
            && holder == Role.Top
            && Enumerable.Range(clause.First, clause.After - clause.First).Any(i => Grammar.Is("holds-down", words[i].Text))
        )
            return Is(clause.Object == Party.Me ? other : held, 9);
        if (actor is not { } who)
            return [new(held, Weights.Of("role-holder")), new(other, Weights.Of("role-other"))];
        Place For(Who by, Role role) => position.As(role)!.SeenBy(by);
        // "had me in side control", "put him in my guard": the one who acts holds it.
        if (clause.Object is Party.Me or Party.Partner && Grammar.Is("held-in", use.Lead) && clause.Does(Act.Gets))
            return Is(For(who, holder), 1.5);
        if (position.Id == "turtle")
            return Is(For(who, use.Lead is "on" or "over" ? Role.Top : Role.Bottom), 1.5);
        var isHeld = clause.Items.Any(i => Grammar.Is("held-down", i.Text));
        isHeld |= use.Lead == "under";
        if (isHeld && holder != Role.Bottom)
            return Is(For(who, holder.Opposite()), 2);
        if (clause.Does(Act.Yields))
            return Is(For(who, holder.Opposite()), 2);
        if (clause.Does(Act.Gets) || clause.Does(Act.Works))
            return Is(For(who, holder), held.IsGuard ? Weights.Of("got-guard-other") : Weights.Of("got-pin-other"));
        if (
            clause.Does(Act.Reaches)
            && !clause.Verbs.Any(v => Grammar.Is("be", words[v.Item.First].Text) || Grammar.Is("staying", words[v.Item.First].Text))
        )
            return held.IsGuard && !IsPlayed(position)
                ? [new(For(who, holder), Weights.Of("came-guard-holder")), new(For(who, holder.Opposite()), Weights.Of("came-guard-other"))]
                : Is(For(who, holder), Weights.Of("came-pin-other"));
        return [new(For(who, holder), Weights.Of("in-holder")), new(For(who, holder.Opposite()), Weights.Of("in-other"))];
    }

    // A guard with a name of its own is what its player goes to; half, closed and open guard are where either may end.
    private static bool IsPlayed(Position position) =>
        position.Family == Family.HookGuard || position.Family == Family.OpenGuard && position.Id != "open-guard";

    // "On my left foot": the one whose foot it is does not hold it.
    private static Party? LegOf(NameUse use, IReadOnlyList<Word> words)
    {
        var at = use.Found.After;
        if (at + 2 >= words.Count || words[at].Text != "on" || words[at].AfterPause)
            return null;
        var owner = words[at + 1].Text;
        if (!words.Skip(at + 2).Take(2).Any(w => Grammar.Is("limb", w.Text)))
            return null;
        return owner == "my" ? Party.Me
            : owner is "his" or "her" or "their" ? Party.Partner
            : null;
    }

    /// <summary>"On top", "bottom half": said within a few words of a name.</summary>
    public static bool? Above(NameUse use, Clause clause, IReadOnlyList<Word> words)
    {
        for (var i = Math.Max(clause.First, use.Found.First - 4); i < Math.Min(clause.After, use.Found.After + 3); i++)
        {
            var text = words[i].Text;
            var next = i + 1 < words.Count ? words[i + 1].Text : "";
            if (text == "top" && next != "of" || text == "top" && i >= use.Found.First)
                return true;
            if (text is "bottom" or "bot" or "underneath")
                return false;
        }
        return null;
    }
}
