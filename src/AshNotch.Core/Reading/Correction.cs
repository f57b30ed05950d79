using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>What the teller put right in a reading. It is tied to the words, so that it outlives further writing.</summary>
/// <param name="Words">The words the notch was read from, as written.</param>
/// <param name="Occurrence">Which notch read from these same words, from 0.</param>
/// <param name="Notch">What it should be; null takes the notch out.</param>
public sealed record Correction(string Words, int Occurrence, Notch? Notch);

/// <summary>Applies corrections to a reading.</summary>
public static class Corrections
{
    /// <summary>The reading with the corrections in it. A correction whose words are gone is left out.</summary>
    public static Retelling Apply(Retelling retelling, string text, IReadOnlyList<Correction> corrections)
    {
        if (corrections.Count == 0) return retelling;
        var times = new Dictionary<string, int>();
        return retelling with
        {
            Exchanges =
            [
                .. retelling.Exchanges.Select(read => read with
                {
                    Exchange = Corrected(read.Exchange, [.. read.Exchange.Notches.Select(Correct).OfType<Notch>()]),
                }),
            ],
        };

        Notch? Correct(Notch notch)
        {
            if (notch.Span is not { } span) return notch;
            var words = text[span.Start..span.End];
            var occurrence = times.GetValueOrDefault(words);
            times[words] = occurrence + 1;
            var correction = corrections.LastOrDefault(c => c.Occurrence == occurrence && c.Words == words);
            return correction is null ? notch : correction.Notch is null ? null : correction.Notch with { Span = span };
        }
    }

    private static Exchange Corrected(Exchange exchange, IReadOnlyList<Notch> notches)
    {
        var tapped = notches.Any(n => n.Outcome == Outcome.Tap);
        var end = exchange.End == ExchangeEnd.Tap && !tapped ? null : exchange.End ?? (tapped ? ExchangeEnd.Tap : null);
        return exchange with { Notches = notches, End = end };
    }
}
