using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Puts notches into a reading by hand.</summary>
internal static class Adding
{
    /// <summary>
    /// The rolls with the notches in them, and which of them stands where. One that words mean stands where they do, and starts where the
    /// roll stood then unless it says otherwise; one without words is an exchange of its own: when it was, nobody said.
    /// </summary>
    public static (IReadOnlyList<ToldRoll> Rolls, IReadOnlyDictionary<(int Roll, Span Span), int> Where) To(
        IReadOnlyList<ToldRoll> rolls,
        string text,
        IReadOnlyList<AddedNotch> added,
        MatVocabulary vocabulary
    )
    {
        var where = new Dictionary<(int, Span), int>();
        if (added.Count == 0)
            return (rolls, where);
        var with = rolls.ToArray();
        foreach (var (index, one) in added.Index())
        {
            var at = one.Words is { Length: > 0 } words ? Find(text, words, one.Occurrence) : null;
            if (at is { } start && with.Index().LastOrDefault(r => r.Item.Start <= start) is { Item: { } roll } found)
            {
                var span = new Span(start - roll.Start, start - roll.Start + one.Words!.Length);
                with[found.Index] = With(roll, one.Notch with { Span = span }, span, vocabulary);
                where[(found.Index, span)] = index;
                continue;
            }
            var r = Math.Min(one.Roll, with.Length - 1);
            var end = one.Notch.Outcome == Outcome.Tap ? ExchangeEnd.Tap : (ExchangeEnd?)null;
            with[r] = With(with[r], [.. with[r].Read.Exchanges, new ReadExchange(0, 0, new Exchange { End = end, Notches = [one.Notch] })]);
        }
        return (with, where);
    }

    private static int? Find(string text, string words, int occurrence)
    {
        var at = -1;
        for (var i = 0; i <= occurrence; i++)
            if ((at = text.IndexOf(words, at + 1, StringComparison.Ordinal)) < 0)
                return null;
        return at;
    }

    private static ToldRoll With(ToldRoll roll, Notch notch, Span span, MatVocabulary vocabulary)
    {
        var exchanges = roll.Read.Exchanges.ToList();
        var at = Math.Max(0, exchanges.FindLastIndex(e => e.Exchange.Notches.Any(n => n.Span is { } s && s.Start < span.Start)));
        if (exchanges.Count == 0)
            exchanges.Add(new ReadExchange(span.Start, span.End, new Exchange()));
        var read = exchanges[at];
        var place = read.Exchange.Notches.TakeWhile(n => n.Span is { } s && s.Start < span.Start).Count();
        // After a tap the next exchange begins.
        if (place > 0 && read.Exchange.Notches[place - 1].Outcome == Outcome.Tap)
        {
            exchanges.Insert(at + 1, new ReadExchange(span.Start, span.End, new Exchange { Notches = [notch] }));
            return With(roll, exchanges);
        }
        var notches = read.Exchange.Notches.ToList();
        notches.Insert(place, Placed(notch, read.Exchange, place, vocabulary));
        var end = notches[^1].Outcome == Outcome.Tap ? read.Exchange.End ?? ExchangeEnd.Tap : read.Exchange.End;
        exchanges[at] = read with { Exchange = read.Exchange with { Notches = notches, End = end } };
        return With(roll, exchanges);
    }

    private static Notch Placed(Notch notch, Exchange exchange, int place, MatVocabulary vocabulary)
    {
        if (notch.From is not null)
            return notch;
        var now = exchange.Notches.Take(place).Aggregate(Whereabouts.StartOf(exchange), (at, n) => Whereabouts.After(n, at, vocabulary));
        return now is null ? notch : notch with { From = now, Inferred = [.. notch.Inferred, "from"] };
    }

    private static ToldRoll With(ToldRoll roll, IReadOnlyList<ReadExchange> exchanges) =>
        roll with
        {
            Read = roll.Read with { Exchanges = exchanges },
        };
}
