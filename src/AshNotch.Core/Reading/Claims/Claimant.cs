using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Sheets;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>Says what each clause claims: who did what, who is where, what ended. Knows verbs and kinds of moves, not the course of the roll.</summary>
/// <param name="words">The words.</param>
/// <param name="sheet">What the form of the telling says of whose its parts are.</param>
internal sealed class Claimant(IReadOnlyList<Word> words, Sheet sheet)
{
    private readonly Moods moods = new(words);
    private readonly Headings headings = new(words);
    private (int? At, int? Remaining) clock;
    private Who? topic;
    private Who? joined;
    private Who? headed;
    private bool within;
    private bool answered;
    private Clause? last;
    private bool claimed;
    private bool opened;
    private bool beaten;
    private Side? side;
    private bool sideTold;

    /// <summary>What kind of talk the last clause was.</summary>
    public Mood Mood { get; private set; }

    /// <summary>A clause that claims nothing and is understood all the same: "and that was the bell".</summary>
    public bool IsHeard(Clause clause) =>
        clause.IsHeading || Mood is Mood.Fact or Mood.Recap && clause.Verbs.Count > 0 && clause.Names.Count == 0;

    /// <summary>The claims of a clause.</summary>
    public IReadOnlyList<Claim> Of(Clause clause)
    {
        var mood = Mood = moods.Of(clause);
        var stretch = sheet.At(words[clause.First].Start);
        sideTold &= ReferenceEquals(stretch, side);
        side = stretch;
        // "W vs the big blue, armbar": whom it was with does nothing.
        if (side?.Who is not null && clause is { Subject: Party.Partner, Verbs.Count: 0 } && !clause.Items.Any(i => i.Acts))
            clause.Subject = null;
        var owned = OwnedBy(clause);
        if (owned is not null)
            headed = owned;
        // "Third: entered the saddle": an entry of a list, and of the one who writes it.
        if (IsLabelled(clause))
            topic = null;
        var claims = InSide(Said(clause), clause);
        // "I had the armbar but he ...": whatever he did, it was stopped.
        if (
            clause is { Link: "but", NewSentence: false }
            && mood == Mood.Fact
            && claims.Count == 0
            && !IsAside(clause)
            && MoveUse.Of(clause.Subject) is { } other
        )
            claims.Add(new ReplyClaim(SpanOf(clause), Outcome.Stopped) { Whos = [new(other.Other(), 0)], IsWeak = true });
        if (clause.NewLine && owned is null || beaten && MoveUse.Of(clause.Subject) is { } turned && turned != headed && claims.Count > 0)
            (headed, beaten) = (null, false);
        beaten |= owned is not null;
        // "Got smashed. Toreando, knee on belly": the other one's.
        if (mood == Mood.Fact && IsBeaten(clause))
            (headed, beaten) = (Who.Partner, true);
        if (headings.GoByTurns && clause.Items is [{ Part: Part.Person } head, { } told, ..] && words[told.First].Before.Contains(':'))
            headed = MoveUse.Of(head.Party);
        // A name in the heading acts in nothing yet.
        // "He defended → triangle": who only answers hands back to who attacked.
        var answers =
            claims is [ReplyClaim { Reply: Outcome.Stopped, IsWhoSaid: true }]
            // "→ he breaks the sleeve →" is no step of the list.
            || clause is { Link: "then", NewSentence: false, IsFull: true } && !claims.Any(c => c is NamedClaim);
        if (
            MoveUse.Of(clause.Subject) is { } said
            && mood is Mood.Fact
            && !answers
            && !IsAside(clause)
            && !IsDescription(clause)
            && (clause.IsFull || clause.Items.Any(i => i.Acts))
        )
            topic = said;
        else if (clause is { Subject: null, NewSentence: true } && claims is [MoveClaim { IsDeed: true }, ..] && headed is null)
            topic = claims[0] is { IsWhoSaid: true, Whos: [{ } doer] } ? doer.Is : Who.Me;
        else if (clause.Subject is null && mood is Mood.Fact && clause.Names.Any(n => n.Passive))
            topic = Who.Me;
        // "Ragdolled me.": whoever it was.
        else if (clause is { Subject: null, Object: Party.Me, NewSentence: true } && mood is Mood.Fact)
            topic = Who.Partner;
        // "She peeled the hand and slid to the mat": she goes on.
        else if (
            clause is { Subject: null, Link: "and" }
            && claims is [MoveClaim { IsWhoSaid: true, Whos: [{ Cost: <= 0 } goesOn, ..] }, ..]
        )
            topic = goesOn.Is;
        // "Lost to a triangle. He pulled ...": the sum of it stands first, and is told in its place.
        if (!opened && claims is [MoveClaim { Move.IsSubmission: true, Outcomes: [{ Is: Outcome.Tap }] } result] && IsResult(clause))
            claims[0] = result with { IsResult = true };
        opened |= claims.Count > 0;
        answered = answers;
        joined = GoesOnWith(clause);
        within =
            clause.Link is "when" or "because" or "which" || clause is { Link: "then", Subject: null, Verbs.Count: 0, NewSentence: false };
        last = clause;
        claimed = claims.Count > 0;
        return claims;
    }

    // "got: armbar", "W vs white, armbar", a tick or a cross before it: its form says how it came out.
    private List<Claim> InSide(List<Claim> claims, Clause clause)
    {
        if (side is null || Mood is not (Mood.Fact or Mood.Recap))
            return claims;
        for (var i = 0; i < claims.Count; i++)
        {
            if (claims[i] is not MoveClaim { Move: var move } claim)
                continue;
            if (side is { Who: not null, CameOff: false })
                claims[i] = claim with { Outcomes = [new(Outcome.Stopped, 0)], IsOpen = false };
            else if (
                side.Who is not null
                && move.IsSubmission
                && claim.Outcomes.Count > 1
                && claim.Whos is [{ } by, ..]
                && by.Is == side.Who
            )
                claims[i] = claim.IsBare
                    ? claim with
                    {
                        Outcomes = [new(Outcome.Tap, 0)],
                        IsTapSaid = true,
                        IsWhoSaid = true,
                    }
                    : claim with
                    {
                        Outcomes = [new(Outcome.Tap, 0), new(Outcome.Stopped, Weights.Of("sided-stopped"))],
                    };
            else if (side is { Who: null, CameOff: { } cameOff } && !sideTold && clause.Subject is not Party.Partner)
            {
                var success = move.IsSubmission ? Outcome.Tap : Outcome.Landed;
                claims[i] = claim with { Outcomes = [new(cameOff ? success : Outcome.Stopped, 0)], IsOpen = false };
            }
            sideTold = true;
        }
        return claims;
    }

    private List<Claim> Said(Clause clause)
    {
        // "In the demonstration, doesn't count": in whatever mood it is said.
        if (clause.Does(Act.Discounts))
            return [new DiscountClaim(SpanOf(clause))];
        if (clause.Does(Act.Anew))
            return [new AnewClaim(SpanOf(clause))];
        // "No collar actually": the name before was a slip.
        if (
            clause.Items is [{ Part: Part.Not, Text: "no" }, ..]
            && clause.Items.Any(i => i.Text == "actually")
            && clause.Names.All(n => n.Not)
        )
            return [new RepairClaim(SpanOf(clause))];
        if (Mood is Mood.Thought or Mood.Advice)
            return Wish(clause) is { } wish ? [wish] : [];
        var claims = new List<Claim>();
        if (Mood is Mood.Fact or Mood.Recap)
            Read(clause, Mood == Mood.Recap, claims);
        return claims;
    }

    // "I wanted the armbar, and I fell off", "I was told to take the back, and I did": what comes next may say that it was tried, or done.
    private WishClaim? Wish(Clause clause) =>
        clause.Link != "if"
        && (MoveUse.Of(clause.Subject) ?? (Mood == Mood.Advice ? MoveUse.Of(clause.Object) : null)) is { } who
        && clause.Verbs.All(v => !v.Not)
        && clause.Names.FirstOrDefault(n => n.Found.Move is not { Stays: true } && n.Owner is null) is { } wanted
            ? new WishClaim(SpanOf(wanted.Found.First, wanted.Found.After))
            {
                Move = wanted.Found.Move,
                To = wanted.Found.Move is null ? Roles.Of(wanted, clause, words, who) : [],
                Whos = [new(who, 0)],
                IsWhoSaid = true,
                // Who was told to has wanted nothing yet.
                IsWeak = clause.Verbs is not [{ } wants, ..] || !Grammar.Is("wanting", words[wants.Item.First].Text),
                Found = wanted.Found,
            }
            : null;

    // "He passed when I lay flat, took mount": who acts outside a subordinate clause goes on after it.
    private Who? GoesOnWith(Clause clause)
    {
        var keeps = clause is { NewSentence: false } && joined is not null;
        if (keeps && (clause.Link is "when" or "because" or "which" || IsAside(clause)))
            return joined;
        return MoveUse.Of(clause.Subject) ?? (keeps ? joined : null);
    }

    private bool IsLabelled(Clause clause) =>
        clause is { NewSentence: true, Subject: null }
        && Grammar.Is("ordinal", words[clause.First].Text)
        && Enumerable.Range(clause.First + 1, 2).Any(i => i < words.Count && words[i].Before.Contains(':', StringComparison.Ordinal));

    // "I think", "I guess": nobody acts.
    private bool IsAside(Clause clause) =>
        clause is { Subject: Party.Me, IsFull: false } && clause.Items.Any(i => Grammar.Is("aside", words[i.First].Text));

    // "He's miles better than me": what somebody is does nothing.
    private static bool IsDescription(Clause clause) => clause is { Subject: Party.Partner, Names.Count: 0, Verbs.Count: 0 };

    // "Nothing of his worked. Two knee cuts were shut down." "Mine went better: ..."
    private static Who? OwnedBy(Clause clause) =>
        clause is { NewSentence: true, Subject: null }
        && clause.Items.FirstOrDefault(i => i.Part == Part.Owner && Grammar.Is("owned-alone", i.Text)) is { } owned
        && (
            owned.After == clause.After
                && (
                    clause.Names.Count == 0
                    || clause.Items is [.., { Part: Part.Be }, _] && clause.Names.All(n => n.Found.Move?.Word == MoveWord.General)
                )
            || owned == clause.Items[0] && clause.Names.All(n => n.Owner is null && n.By is null)
        )
            ? MoveUse.Of(owned.Party)
            : null;

    private bool IsBeaten(Clause clause) =>
        clause.Subject is null or Party.Me
        && Enumerable
            .Range(clause.First, clause.After - clause.First - 1)
            .Any(i =>
                (words[i].Text is "got" or "get" or "getting" || Grammar.Is("be", words[i].Text)) && Grammar.Is("beaten", words[i + 1].Text)
            );

    // "The second one was blocked", "on the third try she was ready", "the second time I got it"; "on the left side it was shut down".
    private bool IsNext(Clause clause)
    {
        if (
            clause is { NewSentence: true, Names.Count: 0, Items: [{ Text: "on" }, { Part: Part.Determiner }, ..] }
            && clause.Items.FirstOrDefault(i => i.Part is Part.Person or Part.Thing) is { } acts
            && (
                acts.First == clause.First + 3 && Grammar.Is("ordinal", words[clause.First + 2].Text)
                || clause.OfThing && acts.First == clause.First + 4 && words[clause.First + 3].Text == "side"
            )
        )
            return true;
        for (var i = clause.First; i + 1 < clause.After; i++)
            if (
                Grammar.Is("ordinal", words[i].Text)
                && words[i].Text is not ("first" or "last" or "1st")
                && Grammar.Is("once-more", words[i + 1].Text)
                && (i == clause.First || Grammar.Is("before-ordinal", words[i - 1].Text))
            )
                return true;
        return false;
    }

    // Who acts in a clause that names nobody, where it goes on with the one before.
    private bool Acts(Clause clause) =>
        clause.Verbs.Count > 0
        // "And put my legs around her".
        || clause.Names.Any(n => n.Found.IsBodily)
        || clause.Names.Any(n => n.Found.Move?.Id.Value == "come-up-on-top")
        || clause.GoesOn
        || clause.Names is [{ } first, ..] && MoveUse.IsOfThird(first.Found, words)
        || clause.Names.Any(n => n.IsVerb);

    private Who? Shared(Clause clause, bool acts)
    {
        if (clause.Subject is not null)
            return null;
        if (side?.Who is { } sided)
            return sided;
        var opens = words[clause.Items[0].First].Text;
        return clause.Link is "and" or "same" or "but" && (acts || answered && clause.Link == "and")
            // "I go the other way, north south pass".
            || clause is { NewSentence: false, Link.Length: 0, Verbs.Count: 0 }
                && last is { Names.Count: 0, Verbs.Count: > 0, Subject: Party.Me or Party.Partner }
                && last.Does(Act.Reaches)
                && !claimed
            || clause is { NewSentence: false, Link.Length: 0 }
                && acts
                && (within || clause.IsInList || opens.EndsWith("ing", StringComparison.Ordinal))
                ? joined
            : clause.NewSentence && !clause.NewLine || clause.Link == "then" || clause.Link.Length == 0 ? headed
            : null;
    }

    private bool IsResult(Clause clause) =>
        Enumerable.Range(clause.First, clause.After - clause.First).Any(i => Grammar.Is("won-or-lost", words[i].Text));

    // Whose all is that is told by itself, under what was said before it.
    private Who? Headed(Clause clause) =>
        side?.Who is { } sided ? sided
        : clause is { Subject: null } and ({ NewSentence: true, NewLine: false } or { Link.Length: 0 }) ? headed
        : null;

    private Span SpanOf(int first, int after) => new(words[first].Start, words[after - 1].End);

    private Span SpanOf(Clause clause) => SpanOf(clause.First, clause.After);

    private void Read(Clause clause, bool recap, List<Claim> claims)
    {
        var span = SpanOf(clause);
        // "I slam, no, I put him down": what is taken back was no claim.
        var isCutShort =
            clause is { Subject: not null, Items: [{ Part: Part.Person }, ..], Verbs: [{ } aborted, ..] }
            && aborted.Is(Act.Repairs)
            && aborted.Item.First > clause.First + 1
            && !clause.Items.Any(i => Grammar.Is("aside", words[i.First].Text));
        var nothing = isCutShort || last is { Subject: not null, NewSentence: true, Names.Count: 0 } && !claimed;
        if (clause.Does(Act.Repairs) && !nothing)
            claims.Add(
                new RepairClaim(span)
                {
                    // "No he ..." may go on as well as take back.
                    IsMild = clause.Verbs.Where(v => v.Is(Act.Repairs)).All(v => IsMild(v.Item)),
                    IsDenial = words[clause.First].Before.Contains('?', StringComparison.Ordinal),
                }
            );
        // "Or rather he did": whose it was is put right.
        if (
            last is not null
            && last.Does(Act.Repairs)
            && clause.Names.Count == 0
            && clause.Items[^1].Text == "did"
            && MoveUse.Of(clause.Subject) is { } who
        )
            claims.Add(new RepairClaim(span) { Whos = [new(who, 0)] });
        if (clause.Does(Act.Restarts))
            claims.Add(new EndClaim(span, ExchangeEnd.Reset));
        if (IsNumbered(clause))
            claims.Add(new EndClaim(span, null));
        var named = new List<Claim>();
        var countered = new HashSet<int>();
        foreach (var use in clause.Names.Where(n => n.Found.Move is not null && !IsNamedAfter(clause, n)))
        {
            var it = new MoveUse(words, clause, use, topic, Shared(clause, Acts(clause)), Headed(clause));
            if (MoveClaims.Of(it) is { } moved)
                named.Add(moved);
            if (it.IsCountered)
                countered.Add(use.Found.First);
        }
        // "It cost me my guard": what did so is told before.
        var cost =
            clause.Verbs is [var only]
            && only.Is(Act.Fails)
            && (
                clause.OfThing || clause.Subject is null && only.Item.First == clause.First && Grammar.Is("dying", words[clause.First].Text)
            );
        foreach (var use in clause.Names.Where(n => n.Found.Position is not null && !cost))
        {
            if (named.Any(c => Took(c, use)))
                continue;
            if (PlaceClaims.Of(new PlaceUse(words, clause, use, Shared(clause, Acts(clause))), topic) is { } placed)
                named.Add(placed);
        }
        named = Told(named);
        // A time holds for what is told with it or next.
        if (Clocks.In(clause, words) is var told && told != default)
            clock = told;
        if (clock != default && named.FindIndex(c => c is MoveClaim) is var timed and >= 0)
        {
            named[timed] = (MoveClaim)named[timed] with { Clock = clock };
            clock = default;
        }
        claims.AddRange(
            named.OrderBy(c =>
                c.Found is not { } f ? int.MaxValue
                : countered.Contains(f.First) ? clause.First - 1
                : f.First
            )
        );
        new Replies(
            words,
            clause,
            topic,
            span,
            IsNext(clause) || last is { Names.Count: 0 } && !clause.NewSentence && !claimed && IsNext(last)
        ).AddTo(claims, named.Count > 0);
        // A number of taps stands before what they were.
        if (claims.FindIndex(c => c is SumClaim) is var sum and > 0)
        {
            var counted = claims[sum];
            claims.RemoveAt(sum);
            claims.Insert(0, counted);
        }
        if (clause.Does(Act.Times))
            claims.Add(new EndClaim(span, ExchangeEnd.Time));
        if (recap)
        {
            for (var i = 0; i < claims.Count; i++)
                claims[i] = claims[i] is NamedClaim once ? once with { IsRecap = true } : claims[i];
        }
    }

    // "The scissor sweep put me on my back": the verb says that the move came off.
    private static List<Claim> Told(List<Claim> named)
    {
        var moves = named.OfType<MoveClaim>().Where(c => !IsWeak(c) && c.Move is { IsSubmission: false, Stays: false }).ToList();
        if (moves.Count == 0 || !named.Any(IsWeak))
            return named;
        var isOver = named.Any(c => c is MoveClaim { IsWeak: true, Move.Id.Value: "sweep" or "takedown" });
        return
        [
            .. named
                .Where(c => !IsWeak(c) || c is MoveClaim { Move.Id.Value: "sit-to-guard" or "stand-up-escape" })
                .Select(c =>
                    c == moves[^1] && moves[^1].Outcomes.Count > 1 && isOver ? moves[^1] with { Outcomes = [new(Outcome.Landed, 0)] } : c
                ),
        ];
    }

    // "Swept me with a scissor sweep": one sweep.
    private static bool IsNamedAfter(Clause clause, NameUse use) =>
        use is { IsVerb: true, Found.Move: { Word: MoveWord.General } general }
        && clause.Does(Act.Nears)
        && clause.Names.Any(n =>
            n.Found.Move is { Word: MoveWord.Event } named
            && named.Kind == general.Kind
            && n.Found.First > use.Found.First
            && Grammar.Is("means", n.Lead)
        );

    private static bool IsWeak(Claim claim) => claim is MoveClaim { IsWeak: true } or MoveClaim { Move.Id.Value: "come-up-on-top" };

    private static bool Took(Claim claim, NameUse use) =>
        claim is MoveClaim move
        && (move.To.Any(t => t.Is.Position == use.Found.Position) || move.From.Any(t => t.Is.Position == use.Found.Position));

    private bool IsMild(Item item) => Enumerable.Range(item.First, item.After - item.First).All(i => Grammar.Is("mild", words[i].Text));

    // "2) ...", "1st: ...", "round two": a list of exchanges.
    private bool IsNumbered(Clause clause)
    {
        if (!clause.NewLine && !clause.NewSentence)
            return false;
        var first = words[clause.First];
        var next = clause.First + 1 < words.Count ? words[clause.First + 1].Before : "";
        // "2:20 he mounts" is a time.
        if (Clocks.In(clause, words) != default)
            return false;
        var isNumber =
            first.Text.Length <= 2 && char.IsDigit(first.Text[0])
            || first.Text[0] == 'r' && first.Text.TrimStart('r', 'n', 'd') is [>= '0' and <= '9']
            || Grammar.Is("numbered", first.Text);
        return first.Text[0] == 'r' && isNumber
            || isNumber && (clause.NewLine && next.IndexOfAny([')', '.', ':', ' ']) >= 0 || next.IndexOfAny([')', ':']) >= 0);
    }
}
