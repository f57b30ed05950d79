using AshNotch.Core.Costs;
using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Around;
using AshNotch.Core.Reading.Rounds;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>What was read from a telling, what was understood, what was not. Offsets count in the whole telling.</summary>
/// <param name="Mentions">Names found.</param>
/// <param name="Unread">Words not understood.</param>
/// <param name="Rolls">The rolls, at least one.</param>
/// <param name="Questions">What is doubtful and not yet put right.</param>
/// <param name="Starts">Where a roll begins, or might: each is made one or taken for none by a press.</param>
/// <param name="Attire">In what it says it was trained; null when it does not.</param>
/// <param name="Day">The day that its opening words name; null when they name none.</param>
/// <param name="Now">The place the last roll stands in after all that was told; null when the next exchange has yet to begin.</param>
public sealed record ReadingView(
    IReadOnlyList<Mention> Mentions,
    IReadOnlyList<Unread> Unread,
    IReadOnlyList<RollReadView> Rolls,
    IReadOnlyList<QuestionView> Questions,
    IReadOnlyList<RollStart> Starts,
    Attire? Attire,
    DateOnly? Day,
    string? Now
)
{
    /// <summary>The view of a telling, each exchange knotted where it turned by what the log taught of its places.</summary>
    /// <param name="telling">The telling.</param>
    /// <param name="values">What each place is worth.</param>
    /// <param name="today">The day on which it is told.</param>
    public static ReadingView Of(Telling telling, PlaceValues values, DateOnly today)
    {
        var vocabulary = values.Vocabulary;
        var ties = Corrections.Ties(telling.AsRead, telling.Text);
        var whole = RollRead.Join(telling.AsRead);
        return new ReadingView(
            whole.Mentions,
            [.. whole.Unread.Where(u => !IsPutIn(telling, u))],
            [.. telling.Rolls.Select((_, r) => Roll(telling, r, ties, values))],
            [.. Open(telling, ties)],
            telling.Starts,
            ToldAttire.In(telling.Text),
            ToldDay.In(telling.Text, today),
            Whereabouts.Now(ExchangesOf(telling.Rolls[^1]), vocabulary)?.Value
        );
    }

    private static List<Exchange> ExchangesOf(ToldRoll roll) => [.. roll.Read.Exchanges.Select(e => e.Exchange)];

    private static RollReadView Roll(
        Telling telling,
        int roll,
        IReadOnlyDictionary<(int, Span), (string Words, int Occurrence)> ties,
        PlaceValues values
    )
    {
        var vocabulary = values.Vocabulary;
        var told = telling.Rolls[roll];
        var exchanges = ExchangesOf(told);
        var asRead = new Dictionary<Span, (IReadOnlyList<string> Why, IReadOnlyList<Notch> Others)>();
        foreach (var read in telling.AsRead[roll].Read.Exchanges)
        foreach (var (notch, reasons, others) in read.Exchange.Notches.Zip(read.Why, read.Others))
            if (notch.Span is { } span)
                asRead[span] = (reasons, others);
        return new RollReadView(
            With(telling, roll),
            [
                .. exchanges.Select(e => new ExchangeReadView(
                    e.Start is { } start ? vocabulary.SayPlace(start) : null,
                    e.End,
                    [.. e.Notches.Select(Notch)]
                )),
            ],
            [.. told.Read.Takeaways.Select(t => t.Text)],
            RememberedView.Of(told.Read),
            [.. telling.FactsOf(roll).Select(f => new ToldFactView(telling.WordsOf(roll, f), f.Say))],
            TapsView.Of(telling, roll, ties, vocabulary),
            TurningPoints.Knotted(exchanges, values)
        );

        NotchReadView Notch(Notch notch)
        {
            var put = notch.Span is { } at && telling.AddedAt.TryGetValue((roll, at), out var added) ? added : (int?)null;
            var (words, occurrence) =
                put is { } index ? (telling.Added[index].Words ?? "", telling.Added[index].Occurrence)
                : notch.Span is { } span ? ties[(roll, span)]
                : ("", -1);
            var (why, others) = asRead.GetValueOrDefault(notch.Span ?? default, ([], []));
            return new NotchReadView(
                LogWriter.Document(notch),
                NotchWords.Of(notch, vocabulary),
                words,
                occurrence,
                put is not null || IsPutRight(telling, words, occurrence),
                why,
                [.. others.Select(o => new AnswerView(NotchWords.Of(o, vocabulary), LogWriter.Document(o)))],
                put
            );
        }
    }

    private static ToldPartnerView? With(Telling telling, int roll)
    {
        if (telling.WithOf(roll) is not { } with)
            return roll == 0 && telling.Chosen is { } chosen ? new ToldPartnerView(null, chosen.Id, false, chosen.Name) : null;
        var partner = telling.PartnerOf(with);
        var isNew = partner is null && telling.IsNew(with);
        // The name stays, so that it can be made somebody new again; who is said to be nobody is not called by it.
        var say = (isNew ? with : with with { Name = null }).Say(partner);
        return new ToldPartnerView(telling.AsRead[roll].With?.Name, partner?.Id, isNew, say);
    }

    // A question is asked until its notch was put right.
    private static IEnumerable<QuestionView> Open(Telling telling, IReadOnlyDictionary<(int, Span), (string Words, int Occurrence)> ties)
    {
        for (var r = 0; r < telling.AsRead.Count; r++)
        {
            var read = telling.AsRead[r].Read;
            foreach (var question in read.Questions)
            {
                if (read.Exchanges[question.Exchange].Exchange.Notches[question.Notch].Span is not { } span)
                    continue;
                var (words, occurrence) = ties[(r, span)];
                if (!IsPutRight(telling, words, occurrence))
                    yield return new QuestionView(question.Ask, question.Hangs, words, occurrence, [.. question.Answers.Select(Answer)]);
            }
        }
    }

    private static AnswerView Answer(Answer answer) => new(answer.Say, answer.Notch is null ? null : LogWriter.Document(answer.Notch));

    private static bool IsPutIn(Telling telling, Unread unread) =>
        telling.AddedAt.Keys.Any(at =>
            telling.Rolls[at.Roll].Start + at.Span.Start < unread.End && telling.Rolls[at.Roll].Start + at.Span.End > unread.Start
        );

    private static bool IsPutRight(Telling telling, string words, int occurrence) =>
        telling.Corrections.Any(c => c.Words == words && c.Occurrence == occurrence);
}
