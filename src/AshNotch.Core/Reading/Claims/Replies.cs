using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>What a clause says of what was told before it: that it was stopped, that it worked, that somebody tapped.</summary>
internal sealed class Replies(IReadOnlyList<Word> words, Clause clause, Who? topic, Span span, bool isNext)
{
    private readonly Who? subject = MoveUse.Of(clause.Subject);

    /// <summary>Adds them.</summary>
    public void AddTo(List<Claim> claims, bool named)
    {
        foreach (var verb in clause.Verbs)
        {
            if (verb.Is(Act.Taps) && !IsOfNobody(verb) && !IsGivenUp(verb) && Tap(verb, named) is { } tap)
                claims.Add(tap);
        }
        if (NoTaps() is { } none)
            claims.Add(none);
        if (AlsoSaid() is { } told && Reply(told) is { } both)
            claims.Insert(0, both);
        if (named || claims is [ReplyClaim, ..])
            return;
        if ((Did() ?? Again() ?? Like() ?? (Claim?)Won()) is { } of)
        {
            claims.Add(of);
            return;
        }
        foreach (var verb in clause.Verbs)
        {
            if (Reply(verb) is { } reply)
            {
                // "I pop to the mount, nope".
                if (clause is { Verbs.Count: 1, Names.Count: 0, Subject: null } && words[verb.Item.First].Text == "nope")
                    reply = reply with { Denial = (true, words[clause.First].Before.Contains('?', StringComparison.Ordinal)) };
                claims.Add(reply with { IsNext = isNext });
                return;
            }
        }
        // "On the second he had the arm under my chin": tried once more, and what came of it is told next.
        if (isNext && clause is { Names.Count: 0, NewSentence: true, Subject: not null } && words[clause.First].Text == "on")
        {
            claims.Add(new ReplyClaim(span, Outcome.Stopped) { IsNext = true, IsOpen = true });
            return;
        }
        // "I tried, and I couldn't".
        if (clause is { Verbs.Count: 0, Names.Count: 0 } && subject is { } unable && clause.Items[^1].Part == Part.Unable)
            claims.Add(new ReplyClaim(span, Outcome.Stopped) { Whos = [new(unable, 0)], IsWhoSaid = true });
        if (clause.Denies && clause.Names.Count == 0 && clause.Verbs.Count == 0)
            claims.Add(
                new ReplyClaim(span, Outcome.Stopped)
                {
                    IsJoined = !clause.NewSentence,
                    Denial = (true, words[clause.First].Before.Contains('?', StringComparison.Ordinal)),
                }
            );
    }

    // "Blocked it with the knee shield", "it cost me my guard": said of what was tried before, too.
    private VerbUse? AlsoSaid() =>
        clause.Names.Count > 0 && clause.Names.All(n => n.Found.Position is not null || n.Found.Move is { Stays: true })
            ? clause.Verbs.FirstOrDefault(v =>
                v.Is(Act.Stops)
                    && clause.Names.All(n =>
                        n.Lead is "with" or "w" or "by"
                        || n.Lead == "into" && words[v.Item.First].Text.StartsWith("push", StringComparison.Ordinal)
                    )
                || v.Is(Act.Fails) && clause.OfThing
            )
            : null;

    // "I was told to take the back, and I did".
    private ReplyClaim? Did() =>
        clause is { Names.Count: 0, Verbs: [{ Not: false, Unable: false }], NewSentence: false }
        && subject is { } doer
        && clause.Items[^1].Text is "did"
            ? new ReplyClaim(span, Outcome.Landed)
            {
                Whos = [new(doer, 0)],
                IsWhoSaid = true,
                IsOfWish = true,
            }
            : null;

    // "He tries again on the other side".
    private ReplyClaim? Again() =>
        clause.Names.Count == 0
        && subject is { } tries
        && clause.Verbs.Any(v => v.Is(Act.Tries) && !v.Is(Act.Gets) && !v.Not)
        && clause.Items.Any(i => i.Text == "again")
            ? new ReplyClaim(span, Outcome.Stopped)
            {
                Whos = [new(tries, 0)],
                IsWhoSaid = true,
                IsNext = true,
                IsOpen = true,
            }
            : null;

    // "So was the second one", "the same again on the left", "he did the same".
    private ReplyClaim? Like()
    {
        var same = clause.Items.Any(i => i.Text == "same");
        var isReturn = clause.Names.Count == 0 && subject is not null && clause.Verbs.Any(v => v.Is(Act.Returns) && !v.Not);
        var isLike =
            isReturn
            || clause is { Names.Count: 0, Verbs.Count: 0, Subject: null }
                && (isNext && clause.Items[0].Text == "so" || same && clause.Items.Any(i => i.Text == "again"))
            || clause is { Names.Count: 0, Verbs: [{ Not: false } did] }
                && subject is not null
                && same
                && Grammar.Is("auxiliary", words[did.Item.First].Text);
        return isLike
            ? new ReplyClaim(span, Outcome.Stopped)
            {
                Whos = subject is { } who ? [new(who, 0)] : [],
                IsWhoSaid = subject is not null,
                IsNext = true,
                IsLike = true,
                IsReturn = isReturn,
            }
            : null;
    }

    // "Got him twice, an armbar and a triangle".
    private SumClaim? Won() =>
        Count() is > 1 and var times
        && subject is { } winner
        && MoveUse.Of(clause.Object) == winner.Other()
        && clause.Verbs.Any(v => v.Is(Act.Gets) && Grammar.Is("getting", words[v.Item.First].Text))
            ? new SumClaim(span, times) { Whos = [new(winner, 0)], IsWhoSaid = true }
            : null;

    private Claim? Tap(VerbUse verb, bool named)
    {
        var first = words[verb.Item.First].Text;
        var next = verb.Item.After < words.Count ? words[verb.Item.After].Text : "";
        // "Oak 1-1 taps": counted, whoever stands before.
        var counted = first == "taps" && verb.Item.First > 0 && Numbers.At(words, verb.Item.First - 1) is not null;
        var noun = verb.Item.After - verb.Item.First == 1 && first is "tap" or "taps" && (subject is null || counted);
        if (Grammar.IsAheadOn(words, verb.Item.First))
            return null;
        if (clause.Verbs.Any(v => v.Is(Act.Nears) && v.Item.First < verb.Item.First) && !words[verb.Item.First].AfterPause)
            return null;
        // "So three taps", "so one tap": told one by one before.
        if (
            noun
            && (first == "taps" || words[clause.First].Text == "so")
            && verb.Item.First > 0
            && (counted || Grammar.Is("number", words[verb.Item.First - 1].Text))
            && clause.Names.Count == 0
        )
            return null;
        // "Which was not a tap".
        if (noun && !named && (verb.Not || clause.Items.Any(i => i.Part == Part.Not)) && clause.Items.Any(i => i.Part == Part.Be))
            return new ReplyClaim(span, Outcome.Stopped) { Denial = (false, true) };
        if (
            verb.Not && !clause.Items.Any(i => i.Part == Part.Not && IsJoinedAfter(i, verb.Item))
            || verb.Unable && !clause.Items.Any(i => i.Part == Part.Unable && IsJoinedAfter(i, verb.Item))
            || clause.Items.Any(i => i.Part == Part.Not && !IsJoinedAfter(i, verb.Item))
            || verb.Item.First > 0 && Grammar.Is("no-tap-before", words[verb.Item.First - 1].Text)
            || next is "my" or "the"
                && verb.Item.After + 1 < words.Count
                && Grammar.Is("tapped-on", words[verb.Item.After + 1].Text)
                && subject is null
        )
            return subject is null ? null : new NoTapClaim(span) { Whos = [new(subject.Value, 0)] };
        // On the shoulder, to be noticed.
        if (
            words.Skip(verb.Item.After).Take(4).Any(w => w.Text == "shoulder")
            && words.Skip(verb.Item.After).Take(3).Any(w => w.Text == "on")
        )
            return null;
        // On somebody's knee: who taps on it has tapped, most likely.
        var onBody =
            Grammar.Is("owner-or-the", next) && verb.Item.After + 1 < words.Count && Grammar.Is("body", words[verb.Item.After + 1].Text);
        // The one who was tapped, else the one who tapped; "tapped to me": the other one.
        var to = next == "to" ? verb.Item.After : verb.Item.After - 1;
        var winner =
            first.StartsWith("tap", StringComparison.Ordinal) && words[to].Text == "to" && to + 1 < words.Count
                ? Winner(words[to + 1].Text)
                : null;
        var hurt = winner is { } won ? won.Other() : MoveUse.Of(clause.Object);
        // "I armbar her tap": not who applied it.
        var applied = subject is not null && clause.Names.Any(n => n is { IsVerb: true, Passive: false, Found.Move.IsSubmission: true });
        // "Her first tap to me".
        var owned =
            first is "tap"
            && Enumerable
                .Range(Math.Max(clause.First, verb.Item.First - 2), Math.Min(2, verb.Item.First - clause.First))
                .Any(i => Grammar.Is("partner-owner", words[i].Text));
        // "Ended with me tapping", "a verbal tap from him".
        var told =
            first == "tapping" && verb.Item.First > 0 ? Winner(words[verb.Item.First - 1].Text)
            : noun && next == "from" && verb.Item.After + 1 < words.Count ? Winner(words[verb.Item.After + 1].Text)
            : null;
        Who? tapped =
            told is not null ? told
            : owned && hurt == Who.Me ? Who.Partner
            : hurt is not null ? hurt
            : applied ? subject!.Value.Other()
            : verb.Passive || subject is not null ? subject
            : null;
        var times = Count();
        // "She has tapped me like forty times": in all the years.
        if (times == 1 && clause.Items.Any(i => i.Text == "times"))
            return null;
        if (times > 1)
            return new SumClaim(span, times) { Whos = [new((tapped ?? Who.Me).Other(), 0)], IsWhoSaid = tapped is not null };
        var hurting = Hurting.By(words, verb.Item.First, tapped ?? Who.Me);
        return new TapClaim(SpanTap(verb, noun))
        {
            // Who says "tapped" of nobody tells of oneself.
            Whos =
                tapped is { } who ? [new(who, 0)]
                : noun ? []
                : [new(Who.Me, 0.1), new(Who.Partner, topic == Who.Partner && !clause.NewSentence ? 0.7 : 1)],
            IsWhoSaid = tapped is not null && !onBody,
            Hurt = hurting,
            Why = hurting is null ? [] : [new Because(null, "Only the part of the body is told: this is what it most likely was.")],
            IsAgain = clause.Items.Any(i => words[i.First].Text is "again" or "another"),
            IsJoined = named,
        };
    }

    // "I tried the armbar, then gave up": what one did oneself is no reason to tap.
    private bool IsGivenUp(VerbUse verb) => verb.Is(Act.GivesUp) && topic is { } acted && acted == (subject ?? acted);

    private static Who? Winner(string word) =>
        Grammar.Is("me-object", word) ? Who.Me
        : Grammar.Is("partner-object", word) ? Who.Partner
        : null;

    // "Could not breathe and tapped": what could not be is not the tap.
    private bool IsJoinedAfter(Item not, Item verb) =>
        not.First < verb.First && words.Take(verb.First).Skip(not.After).Any(w => w.Text is "and" or "so");

    private Span SpanTap(VerbUse verb, bool noun) => noun ? new Span(words[verb.Item.First].Start, words[verb.Item.After - 1].End) : span;

    // "She tapped nobody", "tapped 0".
    private bool IsOfNobody(VerbUse verb) =>
        Enumerable.Range(verb.Item.First + 1, 2).Any(i => i < words.Count && !words[i].AfterPause && Grammar.Is("nobody", words[i].Text));

    private NoTapClaim? NoTaps()
    {
        for (var i = clause.First; i + 1 < clause.After + 1 && i + 1 < words.Count; i++)
        {
            if (Grammar.Is("no-tap", words[i].Text) && words[i + 1].Text is "tap" or "taps" or "tapped")
                return new NoTapClaim(span);
        }
        return null;
    }

    private int Count()
    {
        for (var i = clause.First; i < Math.Min(words.Count, clause.After + 2); i++)
            if (Numbers.Times(words, i) is { } times)
                return times;
        return 1;
    }

    // Who stands in the phrase itself: "got me".
    private Who? Within(VerbUse verb) =>
        Enumerable
            .Range(verb.Item.First, verb.Item.After - verb.Item.First)
            .Select(i => words[i].Text)
            .FirstOrDefault(w => Grammar.Is("object", w)) switch
        {
            null => null,
            "me" => Who.Me,
            _ => Who.Partner,
        };

    // "Down I went".
    private Who? Fallen(VerbUse verb) =>
        Enumerable.Range(verb.Item.First, verb.Item.After - verb.Item.First).Select(i => words[i].Text) is var said
        && said.Any(w => Grammar.Is("me-subject", w))
            ? Who.Me
        : said.Any(w => Grammar.Is("partner-subject", w)) ? Who.Partner
        : null;

    private ReplyClaim? Reply(VerbUse verb)
    {
        ReplyClaim Says(Outcome outcome, Who? by, bool said) =>
            new(span, outcome) { Whos = by is { } who ? [new(who, 0)] : [], IsWhoSaid = said };
        var negated = verb.Not || verb.Unable;
        var who = subject;
        // "He mounts to finish it": what for, not what happened.
        var finishes = words[verb.Item.First].Text.StartsWith("finish", StringComparison.Ordinal);
        if (finishes && verb.Is(Act.Works) && verb.Item.First > 0 && words[verb.Item.First - 1].Text == "to")
            return null;
        // "Second try landed".
        if (isNext && clause.Subject is null && !negated && Grammar.Is("came-off", words[verb.Item.First].Text))
            return Says(Outcome.Landed, null, false);
        // "Shot a double, landed".
        if (
            clause is { Names.Count: 0, Items.Count: 1, NewSentence: false }
            && !negated
            && words[verb.Item.First].Text is not "hit"
            && Grammar.Is("came-off", words[verb.Item.First].Text)
        )
            return Says(Outcome.Landed, null, false);
        // "It worked", though one may work a choke.
        if (verb.Is(Act.Gets) && !verb.Is(Act.Stops) && !(verb.Is(Act.Works) && (clause.OfThing || isNext)))
            return null;
        if (verb.Is(Act.Nears))
            // "I hit the toreando, nearly".
            return Says(Outcome.Near, null, false) with
            {
                IsJoined = clause is { NewSentence: false, Items: [{ Text: "nearly" or "almost" }] },
            };
        if (verb.Is(Act.GivesUp) && !negated)
            return Says(Outcome.Abandoned, who, who is not null);
        // "He goes over" fell; "it went over" worked.
        if (verb.Is(Act.Falls) && (who ?? Fallen(verb)) is { } down && !clause.OfThing && !negated)
            return Says(Outcome.Landed, down.Other(), true) with { IsFall = true };
        // "This time he got me".
        if (verb.Is(Act.Works) && Within(verb) is { } whom && MoveUse.Of(clause.Object) is null && !negated)
        {
            // "I let him have it": it is his.
            var did = words[verb.Item.First].Text.StartsWith("let", StringComparison.Ordinal) ? whom : whom.Other();
            return who is null || who == whom.Other() ? Says(Outcome.Landed, did, true) : null;
        }
        // "I trip him and we go down".
        if (verb.Is(Act.Falls) && clause.Subject == Party.Both && !negated)
            return Says(Outcome.Landed, null, false);
        if (verb.Is(Act.Works))
            return Says(negated ? Outcome.Stopped : Outcome.Landed, clause.OfThing ? null : who, who is not null) with
            {
                IsFinish = finishes,
            };
        if (verb.Is(Act.Fails) && !negated)
            return Says(Outcome.Stopped, clause.OfThing ? null : who, who is not null);
        // "I was fine" after it; "my knee is fine" speaks of something else.
        if (verb.Is(Act.Stops) && who is null && words[verb.Item.After - 1].Text == "fine")
            return null;
        if (verb.Is(Act.Stops) || verb.Is(Act.Escapes))
            return negated ? null : Says(Outcome.Stopped, who?.Other(), who is not null);
        if (verb.Is(Act.Finishes))
        {
            // "Made me tap": the other did.
            var by = Within(verb) is { } within ? within.Other() : who;
            return Says(negated ? Outcome.Near : Outcome.Tap, by, by is not null);
        }
        return null;
    }
}
