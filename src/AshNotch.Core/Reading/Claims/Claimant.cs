using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>Says what each clause claims: who did what, who is where, what ended. Knows verbs and kinds of moves, not the course of the roll.</summary>
/// <param name="words">The words.</param>
internal sealed class Claimant(IReadOnlyList<Word> words)
{
    private readonly Moods moods = new(words);
    private (int? At, int? Remaining) clock;
    private Who? topic;
    private Who? joined;
    private Who? headed;
    private bool within;
    private bool answered;
    private Clause? last;

    /// <summary>What kind of talk the last clause was.</summary>
    public Mood Mood { get; private set; }

    /// <summary>A clause that claims nothing and is understood all the same: "and that was the bell".</summary>
    public bool IsHeard(Clause clause) => Mood is Mood.Fact or Mood.Recap && clause.Verbs.Count > 0 && clause.Names.Count == 0;

    /// <summary>The claims of a clause.</summary>
    public IReadOnlyList<Claim> Of(Clause clause)
    {
        var claims = new List<Claim>();
        var mood = Mood = moods.Of(clause);
        if (mood is Mood.Fact or Mood.Recap)
            Read(clause, mood == Mood.Recap, claims);
        if (clause.NewLine)
            headed = null;
        if (clause.Items is [{ Part: Part.Person } head, { } told, ..] && words[told.First].Before.Contains(':'))
            headed = Who(head.Party);
        // A name in the heading acts in nothing yet.
        // "He defended → triangle": who only answers hands back to who attacked.
        var answers = claims is [{ Kind: ClaimKind.Reply, Reply: Rolls.Outcome.Stopped, IsWhoSaid: true }];
        if (
            Who(clause.Subject) is { } said
            && mood is Mood.Fact
            && !answers
            && !IsAside(clause)
            && (clause.IsFull || clause.Items.Any(i => i.Acts))
        )
            topic = said;
        else if (clause.Subject is null && mood is Mood.Fact && clause.Names.Any(n => n.Passive))
            topic = Vocabulary.Who.Me;
        answered = answers;
        joined = GoesOnWith(clause);
        within =
            clause.Link is "when" or "because" or "which" || clause is { Link: "then", Subject: null, Verbs.Count: 0, NewSentence: false };
        last = clause;
        return claims;
    }

    // "He passed when I lay flat, took mount": who acts outside a subordinate clause goes on after it.
    private Who? GoesOnWith(Clause clause)
    {
        var keeps = clause is { NewSentence: false } && joined is not null;
        if (keeps && (clause.Link is "when" or "because" or "which" || IsAside(clause)))
            return joined;
        return Who(clause.Subject) ?? (keeps && true ? joined : null);
    }

    // "I think", "I guess": nobody acts.
    private bool IsAside(Clause clause) =>
        clause is { Subject: Party.Me, IsFull: false } && clause.Items.Any(i => Grammar.Is("aside", words[i.First].Text));

    // Who acts in a clause that names nobody, where it goes on with the one before.
    private static bool Acts(Clause clause) => clause.Verbs.Count > 0 || clause.GoesOn || clause.Names.Any(n => n.IsVerb);

    private Who? Shared(Clause clause, bool acts)
    {
        if (clause.Subject is not null)
            return null;
        var opens = words[clause.Items[0].First].Text;
        return clause.Link is "and" or "same" or "but" && (acts || answered && clause.Link == "and")
            || clause is { NewSentence: false, Link.Length: 0 } && acts && (within || opens.EndsWith("ing", StringComparison.Ordinal))
                ? joined
            : clause.NewSentence && !clause.NewLine || clause.Link == "then" || clause.Link.Length == 0 ? headed
            : null;
    }

    private static Who? Who(Party? party) =>
        party switch
        {
            Party.Me => Vocabulary.Who.Me,
            Party.Partner => Vocabulary.Who.Partner,
            _ => null,
        };

    private Span SpanOf(int first, int after) => new(words[first].Start, words[after - 1].End);

    private Span SpanOf(Clause clause) => SpanOf(clause.First, clause.After);

    private void Read(Clause clause, bool recap, List<Claim> claims)
    {
        var span = SpanOf(clause);
        if (clause.Does(Act.Repairs))
            claims.Add(
                new Claim(ClaimKind.Repair, span)
                {
                    // "No he ..." may go on as well as take back.
                    IsWeak = clause.Verbs.Where(v => v.Is(Act.Repairs)).All(v => IsMild(v.Item)),
                }
            );
        // "Or rather he did": whose it was is put right.
        if (
            last is not null
            && last.Does(Act.Repairs)
            && clause.Names.Count == 0
            && clause.Items[^1].Text == "did"
            && Who(clause.Subject) is { } who
        )
            claims.Add(new Claim(ClaimKind.Repair, span) { Whos = [new(who, 0)] });
        if (clause.Does(Act.Restarts))
            claims.Add(new Claim(ClaimKind.End, span) { End = ExchangeEnd.Reset });
        if (IsNumbered(clause))
            claims.Add(new Claim(ClaimKind.End, span) { End = null });
        var named = new List<Claim>();
        foreach (var use in clause.Names.Where(n => n.Found.Move is not null && !IsNamedAfter(clause, n)))
            if (MoveClaims.Of(new MoveUse(words, clause, use, topic, Shared(clause, Acts(clause)))) is { } moved)
                named.Add(moved);
        foreach (var use in clause.Names.Where(n => n.Found.Position is not null))
        {
            if (named.Count == 0 || !named.Any(c => Took(c, use)))
                named.AddRange(new PlaceClaims(words, clause, topic, Shared(clause, Acts(clause))).Of(use));
        }
        named = Told(named);
        // A time holds for what is told with it or next.
        if (Clocks.In(clause, words) is var told && told != default)
            clock = told;
        if (named.FindIndex(c => c.Kind == ClaimKind.Move) is var timed and >= 0 && clock != default)
        {
            named[timed] = named[timed] with { Clock = clock };
            clock = default;
        }
        claims.AddRange(named.OrderBy(c => c.Found is { } f ? f.First : int.MaxValue));
        new Replies(words, clause, topic, span).AddTo(claims, named.Count > 0);
        // A number of taps stands before what they were.
        if (claims.FindIndex(c => c.Kind == ClaimKind.Sum) is var sum and > 0)
        {
            var counted = claims[sum];
            claims.RemoveAt(sum);
            claims.Insert(0, counted);
        }
        if (clause.Does(Act.Times))
            claims.Add(new Claim(ClaimKind.End, span) { End = ExchangeEnd.Time });
        if (recap)
        {
            for (var i = 0; i < claims.Count; i++)
                claims[i] = claims[i] with { IsRecap = true };
        }
    }

    // "The scissor sweep put me on my back": the verb says that the move came off.
    private static List<Claim> Told(List<Claim> named)
    {
        var moves = named.Where(c => c.Kind == ClaimKind.Move && !IsWeak(c) && c.Move is { IsSubmission: false, Stays: false }).ToList();
        if (moves.Count == 0 || !named.Any(IsWeak))
            return named;
        return
        [
            .. named
                .Where(c => !IsWeak(c) || c.Move!.Id.Value is "sit-to-guard" or "stand-up-escape")
                .Select(c =>
                    c == moves[^1] && c.Outcomes.Count > 1 && named.Any(w => IsWeak(w) && w.Move!.Id.Value is "sweep" or "takedown")
                        ? c with
                        {
                            Outcomes = [new(Rolls.Outcome.Landed, 0)],
                        }
                        : c
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
            && n.Lead is "with" or "w" or "by" or "via"
        );

    private static bool IsWeak(Claim claim) => claim.IsWeak || claim.Move?.Id.Value == "come-up-on-top";

    private static bool Took(Claim claim, NameUse use) =>
        claim.Kind == ClaimKind.Move
        && (claim.To.Any(t => t.Is.Position == use.Found.Position) || claim.From.Any(t => t.Is.Position == use.Found.Position));

    private bool IsMild(Item item) => Enumerable.Range(item.First, item.After - item.First).All(i => Grammar.Is("mild", words[i].Text));

    // "2) ...", "1st: ...", "round two": a list of exchanges.
    private bool IsNumbered(Clause clause)
    {
        if (!clause.NewLine && !clause.NewSentence)
            return false;
        var first = words[clause.First];
        var next = clause.First + 1 < words.Count ? words[clause.First + 1].Before : "";
        var isNumber =
            first.Text.Length <= 2 && char.IsDigit(first.Text[0])
            || first.Text.Length == 2 && first.Text[0] == 'r' && char.IsDigit(first.Text[1])
            || first.Text is "1st" or "2nd" or "3rd" or "4th" or "5th";
        return isNumber && (clause.NewLine && next.IndexOfAny([')', '.', ':', ' ']) >= 0 || next.IndexOfAny([')', ':']) >= 0);
    }
}
