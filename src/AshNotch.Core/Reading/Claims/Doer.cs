using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>Who did a move, as far as its clause says.</summary>
internal static class Doer
{
    /// <summary>Who may have done it, and whether the words say so.</summary>
    public static (IReadOnlyList<May<Who>> Whos, bool IsSaid) Of(MoveUse it)
    {
        var (whos, said) = Said(it) is { } who ? ([new May<Who>(who, 0)], true) : Unsaid(it);
        var isShared = it.Clause.Subject is null && it.Shared is not null && it.Use.By is null && it.Use.Owner is null;
        // What is said for several is said a little less.
        return whos.Count == 1 && isShared ? ([whos[0], new(whos[0].Is.Other(), Weights.Of("joined-turns"))], said) : (whos, said);
    }

    private static Who? Said(MoveUse it) => MoveUse.Of(it.Use.By) ?? Bodily(it) ?? InTheName(it) ?? Suffered(it) ?? Owned(it) ?? Acting(it);

    // "I pulled him down on top of me": what bodies do is told of who acts, whoever else stands in it.
    private static Who? Bodily(MoveUse it) =>
        Verbless(it) is { } whose ? whose
        // "He was between my legs again": whose legs they are.
        : it.IsBodily && it.Move.Kind == MoveKind.GuardRecovery && Grammar.Is("preposition", it.Words[it.Use.Found.First].Text)
            ? MoveUse.Of(it.Use.Within)
        : it is { Use.Passive: false, Subject: { } acting }
        && it.IsBodily
        && !it.Clause.Verbs.Any(v => v.Item.First < it.Use.Found.First && (v.Is(Act.Allows) || v.Passive))
            ? acting
        : null;

    // "And then my legs round her": of whom it is told, whoever acted before.
    private static Who? Verbless(MoveUse it)
    {
        if (it is not { IsBodily: true, Clause.Subject: null, Verb: null })
            return null;
        var (first, last) = (it.Words[it.Use.Found.First].Text, it.Words[it.Use.Found.After - 1].Text);
        return Grammar.Is("me-owner", first) && Grammar.Is("partner-object", last) ? Who.Me
            : Grammar.Is("partner-owner", first) && Grammar.Is("me-object", last) ? Who.Partner
            : null;
    }

    // "Shook him off", "gave up his back", "tapped to pressure".
    private static Who? InTheName(MoveUse it)
    {
        var within = MoveUse.Of(it.Use.Within);
        var told = it.Words[it.Use.Found.First].Text;
        if (within is { } own && IsDefence(it.Move) && told is not "his" and not "her")
        {
            var isObject = Enumerable
                .Range(it.Use.Found.First, it.Use.Found.Count)
                .Any(i =>
                    Grammar.Is("me-object", it.Words[i].Text)
                    || it.Words[i].Text is "him" or "them"
                    // "Shook her off".
                    || it.Words[i].Text == "her" && i + 1 < it.Words.Count && it.Words[i + 1].Text is "off" or "out" or "over"
                );
            // "Got his knees under him": his own.
            var isOwned = Enumerable.Range(it.Use.Found.First, it.Use.Found.Count).Any(i => it.Words[i].Text is "his" or "my");
            return isObject && !isOwned ? own.Other() : own;
        }
        // "With me tapping to pressure".
        if (told == "tapping" && it.Use.Found.First > 0 && it.Words[it.Use.Found.First - 1].Text is var before)
            if (Grammar.Is("me-object", before))
                return Who.Partner;
            else if (Grammar.Is("partner-object", before))
                return Who.Me;
        var isTold = told.StartsWith("tap", StringComparison.Ordinal) || it.Move.Kind == MoveKind.BackTake && within == it.Subject;
        return isTold ? it.Subject?.Other() : null;
    }

    // What was done to somebody was done by the other.
    private static Who? Suffered(MoveUse it)
    {
        // "The third, which I blame on myself, dumped me flat".
        if (
            it.Subject == Who.Me
            && (it.Use.IsVerb || it.Use.Found.Count > 1)
            && Enumerable.Range(it.Use.Found.First + 1, it.Use.Found.Count).Any(i => i < it.Words.Count && it.Words[i].Text == "me")
        )
            return Who.Partner;
        // "Lost the back": the other one got away.
        if (Grammar.Is("losing", it.Words[it.Use.Found.First].Text) && IsDefence(it.Move))
            return (it.Subject ?? Who.Me).Other();
        // "Made me tap", "took my feet away".
        foreach (var made in it.Clause.Verbs.Where(x => it.Use is { Leads: true, Owner: null } && !x.Is(Act.Gets)))
        foreach (var word in it.Words.Take(made.Item.After).Skip(made.Item.First + 1).Select(w => w.Text))
            if (Grammar.Is("me-object", word) || Grammar.Is("me-owner", word))
                return Who.Partner;
            else if (Grammar.Is("partner-object", word) || Grammar.Is("partner-owner", word))
                return Who.Me;
        // "Reversed by a knee lever", "choked me with a darce": one and the same did it.
        if (it.IsMeans && it.Clause.Names.FirstOrDefault(n => n.IsVerb && n.Found.First < it.Use.Found.First) is { } suffered)
            return Said(it with { Use = suffered }) ?? Unsaid(it with { Use = suffered }).Whos.MinBy(w => w.Cost).Is;
        if (it.Clause.Verbs.Any(x => x.Is(Act.Allows) && !x.Is(Act.Gets)) && MoveUse.Of(it.Clause.Object) is { } let)
            return let;
        // "I'm in the triangle": the other has it.
        if (
            (it.Verb is null || it.Verb.Is(Act.Falls))
            && it.Use.Lead is "in" or "into" or "under"
            && it.Move.IsSubmission
            && it.Subject is { } caught
        )
            return caught.Other();
        if ((it.IsEscaped || it.Use.Passive) && it.Subject is { } hurt)
            return hurt.Other();
        if (it.Use.Passive)
            return null;
        return
            Victim(it) is { } victim
            && it.Subject is { } subject
            && (victim != subject || it.Clause.Subject is null && !IsDefence(it.Move) && !IsOwnBody(it))
            ? victim.Other()
            : null;
    }

    // "And comes up to his knees": his own.
    private static bool IsOwnBody(MoveUse it) => it.Shared is not null && Grammar.Is("body", it.Words[it.Use.Found.After - 1].Text);

    private static Who? Victim(MoveUse it) =>
        MoveUse.Of(it.Use.Within) ?? MoveUse.Of(it.Use.To) ?? (it.Use.IsVerb ? MoveUse.Of(it.Clause.Object) : null);

    // "He locked my head and arm": what is gripped is mine, the hold is his.
    private static bool IsGripped(MoveUse it) =>
        it.Move.IsSubmission
        && (it.Verb is null || it.Verb.Is(Act.Gets) && !it.Verb.Is(Act.Stops))
        && it.Use is { IsVerb: false, Leads: false }
        && it.Subject is { } holder
        && MoveUse.Of(it.Use.Owner) == holder.Other()
        && Grammar.Is("body", it.Words[it.Use.Found.First].Text);

    private static Who? Owned(MoveUse it) =>
        it.Use.Passive || IsGripped(it) ? null : MoveUse.Of(it.Use.Owner) ?? (it.Use.Leads ? it.Headed : null);

    // Who acts did it, unless the verb says that it was done to them.
    private static Who? Acting(MoveUse it)
    {
        if (it.Use.Passive || it.Subject is not { } acting)
            return null;
        if (it.IsSeenComing)
            return acting.Other();
        if (it.Verb is { } verb && !it.Use.IsVerb)
            return it.Use.Leads ? null
                : !it.IsOwnDefence && IsDoneTo(it, verb) ? acting.Other()
                : acting;
        if (it.Use.IsVerb && it.Clause.Does(Act.Allows))
            return acting.Other();
        return it.Use is { Leads: true, IsVerb: false } ? null : acting;
    }

    private static bool IsDoneTo(MoveUse it, VerbUse verb) =>
        verb.Passive
        // "Defended with a whizzer": with one's own.
        || verb.Is(Act.Stops) && !verb.Is(Act.Gets) && !(it.IsMeans && it.Move.Stays)
        || verb.Is(Act.Escapes) && !verb.Is(Act.Gets)
        || verb.Is(Act.Taps) && it.Clause.Object is null
        // "He hopped and fell: sweep".
        || verb.Is(Act.Falls) && !verb.Is(Act.Works) && it.Move.Kind is MoveKind.Sweep or MoveKind.Takedown
        || verb.Is(Act.Yields) && (!it.Move.IsSubmission || !Grammar.Is("giving", it.Said))
        || verb.Is(Act.Allows) && !verb.Is(Act.Gets)
        || verb.Is(Act.Finishes) && Grammar.Is("losing", it.Said)
        // "I got caught in a triangle".
        || it.Clause.Verbs.Any(x => x.Passive && !x.Is(Act.Allows))
        || it.Clause.Verbs.Count > 1 && it.Clause.Verbs[0].Is(Act.Gets) && Grammar.Is("caught", it.Said);

    // Nobody is named.
    private static (IReadOnlyList<May<Who>> Whos, bool IsSaid) Unsaid(MoveUse it)
    {
        var clause = it.Clause;
        if (it.Use.Passive)
            return (
                [new(Who.Partner, Weights.Of("passive-me")), new(Who.Me, Weights.Of(it.Use.IsCarried ? "carried-them" : "passive-them"))],
                true
            );
        if (Victim(it) is { } victim && it.Subject is null)
            return (
                [new(victim.Other(), 0)],
                clause.NewSentence || it.Topic == victim.Other() || it.Use.Within is not null && !it.Move.IsSubmission
            );
        // "He sat on me. Tapped to the pressure": a diary's tap is its writer's, unless its writer was on top of things.
        if (it.Subject is null && it.Words[it.Use.Found.First].Text.StartsWith("tapped", StringComparison.Ordinal))
        {
            var by = clause.NewSentence || it.Topic != Who.Me ? Who.Partner : Who.Me;
            return ([new(by, 0), new(by.Other(), Weights.Of("topic-turns"))], false);
        }
        // "Got caught in a triangle".
        if (it is { Verb.Passive: true, Subject: null, Use: { IsVerb: false, Leads: false } } && it.Move.IsSubmission)
            return ([new(Who.Partner, Weights.Of("passive-me")), new(Who.Me, Weights.Of("passive-them"))], true);
        if (it.Verb is not null && it.Subject is null && MoveUse.Of(clause.Object) is { } hurt && !it.Use.Leads)
            return ([new(hurt.Other(), 0)], false);
        // "Lost to a triangle", "tapped to a triangle".
        if (
            it.Verb is { } verb
            && (
                verb.Is(Act.Finishes) && Grammar.Is("losing", it.Said)
                || verb.Is(Act.Taps) && it.Use.Lead == "to" && it.Said == "tapped" && clause.NewSentence
            )
        )
            return ([new(Who.Partner, 0)], true);
        return (Guess(it), false);
    }

    // Whoever acted before goes on, and a diary speaks of its writer.
    private static IReadOnlyList<May<Who>> Guess(MoveUse it)
    {
        var clause = it.Clause;
        if (it.IsThirdPerson)
            return [new(Who.Partner, 0), new(Who.Me, Weights.Of("third-person-me"))];
        // "Couldn't pass, couldn't sweep".
        if (it.IsUnable)
            return [new(Who.Me, Weights.Of("deed-me")), new(Who.Partner, Weights.Of("deed-them"))];
        if (clause.NewSentence && (clause.Verbs.Count > 0 || it.Topic is null))
            return [new(Who.Me, Weights.Of("fresh-me")), new(Who.Partner, Weights.Of("fresh-them"))];
        // A diary's deed without anybody is its writer's.
        if (clause.NewSentence && it.IsDeed)
            return [new(Who.Me, Weights.Of("deed-me")), new(Who.Partner, Weights.Of("deed-them"))];
        if (clause.NewSentence)
            return
            [
                new(Who.Me, Weights.Of("bare-me")),
                new(Who.Partner, it.Topic == Who.Partner ? Weights.Of("bare-them-topic") : Weights.Of("bare-them")),
            ];
        var by = it.Topic ?? Who.Me;
        // "He mounted, had to hitchhike out": a diary's verb without anybody is its writer's.
        if (by == Who.Partner && clause.Link.Length == 0 && clause.Verbs.Count > 0)
            return [new(Who.Me, Weights.Of("verb-me")), new(Who.Partner, Weights.Of("verb-them"))];
        // "I got to my knees, hit a high crotch".
        if (by == Who.Me && clause.Link.Length == 0 && clause.Verbs.Count > 0)
        {
            var done = it.Verb is { } verb && !it.Use.IsVerb && IsDoneTo(it, verb) ? Who.Partner : Who.Me;
            return [new(done, Weights.Of("verb-goes-on")), new(done.Other(), Weights.Of("verb-turns"))];
        }
        return
        [
            new(by, Weights.Of("topic-goes-on")),
            new(by.Other(), clause.Link == "then" ? Weights.Of("topic-turns-in-list") : Weights.Of("topic-turns")),
        ];
    }

    private static bool IsDefence(Move move) => move.Kind is MoveKind.Escape or MoveKind.GuardRecovery;
}
