using AshNotch.Core.Reading.Taps;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>
/// Holds the taps that were read of a roll against those its words sum up: the sum is a budget from which the details draw.
/// </summary>
/// <param name="vocabulary">What moves there are.</param>
internal sealed class TapBudget(MatVocabulary vocabulary)
{
    private const int Most = 7;
    private const int SameBreath = 30;

    /// <summary>
    /// The reading with as many taps as its words sum up: attempts that could have been the missing ones are taken for them, what is left
    /// over stands as taps nobody named, and what is too much is none. All of it is unsure, and asked.
    /// </summary>
    public RollRead Held(RollRead read, ToldTaps? told)
    {
        if (told is null || IsAsTold(read, told))
            return read;
        var taps = TapCount.Of(read.Exchanges.Select(e => e.Exchange));
        // "0-0" after a tap that was told is as likely a score as a mistake.
        if (told is { IsBare: true, Me: 0, Partner: 0 })
            return read;
        if (told.Me is { } me)
            read = Side(read, Who.Me, me, told, taps.Partner == (told.Partner ?? -1));
        if (told.Partner is { } partner)
            read = Side(read, Who.Partner, partner, told, TapCount.Of(read.Exchanges.Select(e => e.Exchange)).Me == (told.Me ?? -1));
        return read;
    }

    /// <summary>
    /// The reading with a tap for whoever the words say finished, where none was read: the likeliest submission is taken for it.
    /// </summary>
    public RollRead Hinted(RollRead read, IEnumerable<TapHint> hints)
    {
        foreach (var hint in hints)
            if (hint.Kind == TapHintKind.More)
                read = OneMore(read, hint);
            else if ((hint.Who ?? ActingBefore(read, hint.Words)) is { } who)
                read = AtLeastOne(read, hint, who);
        return read;
    }

    private static Who? ActingBefore(RollRead read, Span words) =>
        All(read).LastOrDefault(a => a.Notch.Span is { } s && s.Start < words.Start).Notch?.By;

    private RollRead AtLeastOne(RollRead read, TapHint hint, Who who)
    {
        if (Count(read, who) > 0)
            return read;
        var isWon = hint.Kind == TapHintKind.Won;
        var whole = new Span(0, read.Exchanges.Select(e => e.End).DefaultIfEmpty().Max());
        // Lost, and the only tap that was read is mine: it was the other's.
        if (Likeliest(read, who, isWon || Count(read, who.Other()) == 0, isWon ? whole : hint.Words) is { } at)
            return Changed(read, at, n => Tapped(n, who));
        return isWon ? read : Nameless(read, who, hint.Words);
    }

    private RollRead OneMore(RollRead read, TapHint hint)
    {
        var before = All(read).LastOrDefault(a => a.Notch is { Outcome: Outcome.Tap, Span: { } s } && s.End <= hint.Words.Start).Notch;
        if (before is null || hint.Who is { } who && who != before.By)
            return read;
        var here = All(read)
            .Where(a => a.Notch.Span is { } s && s.End > hint.Words.Start && s.Start < hint.Words.End + SameBreath)
            .ToList();
        bool IsFinish(Notch notch) => notch.Outcome == Outcome.Tap || vocabulary.Move(notch.Move) is { IsSubmission: true };
        // "With the same sweep": no finish.
        if (here.Exists(a => !IsFinish(a.Notch) || a.Notch.Outcome == Outcome.Tap && a.Notch.By == before.By))
            return read;
        return here.Count > 0 ? Changed(read, here[0].At, n => Tapped(n, before.By)) : Nameless(read, before.By, hint.Words);
    }

    /// <summary>Whether a reading has as many taps as its words sum up.</summary>
    public static bool IsAsTold(RollRead read, ToldTaps told)
    {
        var taps = TapCount.Of(read.Exchanges.Select(e => e.Exchange));
        return (told.Me ?? taps.Me) == taps.Me && (told.Partner ?? taps.Partner) == taps.Partner;
    }

    private RollRead Side(RollRead read, Who who, int wanted, ToldTaps told, bool othersAreRight)
    {
        wanted = Math.Min(wanted, Most);
        // A tap that was said stands against any sum; the difference is asked.
        for (var have = Count(read, who); have > wanted && Weakest(read, who) is { } doubted; have--)
            read = Changed(read, doubted, n => n with { Outcome = Outcome.Near, Unsure = true });
        for (var have = Count(read, who); have < wanted; have++)
            read = Likeliest(read, who, othersAreRight, (who == Who.Me ? told.MeAt : told.PartnerAt) ?? default) is { } at
                ? Changed(read, at, n => Tapped(n, who))
                : Nameless(read, who, told.Words);
        return read;
    }

    private static int Count(RollRead read, Who who) =>
        read.Exchanges.Sum(e => e.Exchange.Notches.Count(n => n.Outcome == Outcome.Tap && n.By == who));

    private Notch Tapped(Notch notch, Who who) =>
        notch with
        {
            By = who,
            // Where it starts for them too, the place was told; else it was taken from whose it seemed to be.
            From =
                notch.By == who || vocabulary.Move(notch.Move)?.From.Any(f => f.SeenBy(who).Id == notch.From) == true
                    ? notch.From
                    : notch.From?.Mirror,
            Outcome = Outcome.Tap,
            To = null,
            Unsure = true,
        };

    // The tap that the words say least of.
    private static (int Exchange, int Notch)? Weakest(RollRead read, Who who) =>
        All(read)
            .Where(a => a.Notch is { Outcome: Outcome.Tap, Unsure: true } n && n.By == who)
            .OrderByDescending(a => a.Notch.Move is null)
            .ThenBy(a => a.At)
            .Select(a => ((int, int)?)a.At)
            .FirstOrDefault();

    // A submission of theirs that was not said to have failed; one that may have been the other's, where the other's are all there.
    // What the sum itself names is what it counts, whoever it was taken for.
    private (int Exchange, int Notch)? Likeliest(RollRead read, Who who, bool othersAreRight, Span sum) =>
        All(read)
            .Where(a => vocabulary.Move(a.Notch.Move) is { IsSubmission: true })
            .Where(a =>
                a.Notch.Outcome is Outcome.Stopped or Outcome.Landed
                || a.Notch is { Outcome: Outcome.Tap, Unsure: true } && a.Notch.By != who && IsWithin(a.Notch, sum)
            )
            .Where(a => a.Notch.By == who || othersAreRight || IsWithin(a.Notch, sum))
            .OrderByDescending(a => IsWithin(a.Notch, sum))
            .ThenByDescending(a => a.Notch.By == who)
            .ThenByDescending(a => a.Notch.Unsure)
            .ThenByDescending(a => a.At)
            .Select(a => ((int, int)?)a.At)
            .FirstOrDefault();

    private static bool IsWithin(Notch notch, Span sum) => notch.Span is { } s && s.Start >= sum.Start && s.End <= sum.End;

    private static IEnumerable<((int Exchange, int Notch) At, Notch Notch)> All(RollRead read) =>
        read.Exchanges.SelectMany((e, x) => e.Exchange.Notches.Select((n, i) => ((x, i), n)));

    // A tap closes its exchange: what was told after it begins the next.
    private static RollRead Changed(RollRead read, (int Exchange, int Notch) at, Func<Notch, Notch> change)
    {
        var whole = read.Exchanges[at.Exchange];
        var notches = whole.Exchange.Notches.ToList();
        var was = notches[at.Notch];
        notches[at.Notch] = change(was);
        read = read with
        {
            Questions = [.. read.Questions.Select(q => (q.Exchange, q.Notch) == at ? Asked(q, was, notches[at.Notch]) : q)],
        };
        var isTap = notches[at.Notch].Outcome == Outcome.Tap;
        var isLast = at.Notch == notches.Count - 1;
        if (!isTap || isLast)
        {
            var end =
                isTap ? ExchangeEnd.Tap
                : isLast && whole.Exchange.End == ExchangeEnd.Tap ? null
                : whole.Exchange.End;
            return read with
            {
                Exchanges = Put(
                    read.Exchanges,
                    at.Exchange,
                    [whole with { Exchange = whole.Exchange with { Notches = notches, End = end } }]
                ),
            };
        }
        var until = at.Notch + 1;
        ReadExchange Piece(int from, int to, Exchange exchange) =>
            new(
                notches[from].Span?.Start ?? whole.Start,
                notches[to - 1].Span?.End ?? whole.End,
                exchange with
                {
                    Notches = notches[from..to],
                }
            )
            {
                Why = [.. whole.Why.Take(from..to)],
                Others = [.. whole.Others.Take(from..to)],
            };
        return read with
        {
            Exchanges = Put(
                read.Exchanges,
                at.Exchange,
                [
                    Piece(0, until, whole.Exchange with { End = ExchangeEnd.Tap }),
                    Piece(until, notches.Count, whole.Exchange with { Start = null }),
                ]
            ),
            Questions = [.. read.Questions.Select(q => Moved(q.Exchange, q.Notch) is var (e, n) ? q with { Exchange = e, Notch = n } : q)],
            Takeaways =
            [
                .. read.Takeaways.Select(t =>
                    t is { Exchange: { } x, Notch: { } i } && Moved(x, i) is var (e, n) ? t with { Exchange = e, Notch = n } : t
                ),
            ],
        };

        (int, int) Moved(int exchange, int notch) =>
            exchange < at.Exchange || exchange == at.Exchange && notch < until ? (exchange, notch)
            : exchange == at.Exchange ? (exchange + 1, notch - until)
            : (exchange + 1, notch);
    }

    // What is asked of it is asked of what it is now: "theirs" of a tap is a tap of theirs.
    private static Question Asked(Question question, Notch was, Notch now) =>
        question.About == Doubt.Outcome
            ? question
            : question with
            {
                Answers =
                [
                    .. question.Answers.Select(a =>
                        a.Notch is { } said && said.Outcome == was.Outcome
                            ? a with
                            {
                                Notch = said with { Outcome = now.Outcome, To = now.Outcome == Outcome.Tap ? null : said.To },
                            }
                            : a
                    ),
                ],
            };

    private static IReadOnlyList<ReadExchange> Put(IReadOnlyList<ReadExchange> exchanges, int at, IReadOnlyList<ReadExchange> instead) =>
        [.. exchanges.Take(at), .. instead, .. exchanges.Skip(at + 1)];

    // Each stands for words of its own, so that each can be put right.
    private static RollRead Nameless(RollRead read, Who who, Span words)
    {
        var before = All(read).Count(a => a.Notch is { Move: null, Outcome: Outcome.Tap, Span: { } s } && s.Start == words.Start);
        var span = new Span(words.Start, Math.Max(words.Start + 1, words.End - before));
        var tap = new Notch
        {
            By = who,
            Outcome = Outcome.Tap,
            Unsure = true,
            Span = span,
        };
        var exchange = new ReadExchange(span.Start, span.End, new Exchange { End = ExchangeEnd.Tap, Notches = [tap] })
        {
            Why =
            [
                ["Your words sum it up so."],
            ],
            Others =
            [
                [],
            ],
        };
        return read with { Exchanges = [.. read.Exchanges, exchange] };
    }
}
