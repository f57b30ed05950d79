using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Applies corrections to a reading.</summary>
public static class Corrections
{
    /// <summary>The rolls of a telling with the corrections in them, and what follows from those. A correction whose words are gone is left out.</summary>
    /// <param name="rolls">The rolls as read.</param>
    /// <param name="text">The telling.</param>
    /// <param name="corrections">What was put right.</param>
    /// <param name="vocabulary">Where moves start and lead, to carry on from what was put right; null carries nothing on.</param>
    public static IReadOnlyList<ToldRoll> Apply(
        IReadOnlyList<ToldRoll> rolls,
        string text,
        IReadOnlyList<Correction> corrections,
        MatVocabulary? vocabulary
    )
    {
        if (corrections.Count == 0)
            return rolls;
        var ties = Ties(rolls, text);
        return
        [
            .. rolls.Select(
                (roll, r) =>
                    roll with
                    {
                        Read = roll.Read with
                        {
                            Exchanges =
                            [
                                .. roll.Read.Exchanges.Select(read =>
                                    read with
                                    {
                                        Exchange = Ended(Carried(read.Exchange, [.. read.Exchange.Notches.Select(n => Correct(n, r))])),
                                    }
                                ),
                            ],
                        },
                    }
            ),
        ];

        Exchange Carried(Exchange was, IReadOnlyList<Notch?> now) =>
            vocabulary is null ? was with { Notches = [.. now.OfType<Notch>()] } : CarryOn.In(was, now, vocabulary);

        Notch? Correct(Notch notch, int roll)
        {
            if (notch.Span is not { } span)
                return notch;
            var (words, occurrence) = ties[(roll, span)];
            var correction = corrections.LastOrDefault(c => c.Occurrence == occurrence && c.Words == words);
            return correction is null ? notch
                : correction.Notch is null ? null
                : correction.Notch with { Span = span };
        }
    }

    /// <summary>
    /// What ties a correction to each notch read: its words, and which notch read from these same words in the whole telling.
    /// </summary>
    public static IReadOnlyDictionary<(int Roll, Span Span), (string Words, int Occurrence)> Ties(
        IReadOnlyList<ToldRoll> rolls,
        string text
    )
    {
        var times = new Dictionary<string, int>();
        var ties = new Dictionary<(int, Span), (string, int)>();
        for (var r = 0; r < rolls.Count; r++)
        {
            foreach (var span in rolls[r].Read.Exchanges.SelectMany(e => e.Exchange.Notches).Select(n => n.Span).OfType<Span>())
            {
                var words = text[(rolls[r].Start + span.Start)..(rolls[r].Start + span.End)];
                times[words] = times.GetValueOrDefault(words) + 1;
                ties[(r, span)] = (words, times[words] - 1);
            }
        }
        return ties;
    }

    private static Exchange Ended(Exchange exchange)
    {
        var tapped = exchange.Notches.Any(n => n.Outcome == Outcome.Tap);
        var end = exchange.End == ExchangeEnd.Tap && !tapped ? null : exchange.End ?? (tapped ? ExchangeEnd.Tap : null);
        return exchange with { End = end };
    }
}
