using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>When the words of a telling were said: captions and film leave times in it.</summary>
/// <param name="Times">Where in the text each time begins to hold, and its seconds since the roll began, in the order of the text.</param>
public sealed partial record SaidAt(IReadOnlyList<(int Offset, int Seconds)> Times)
{
    /// <summary>
    /// The times written into a text as <c>[2:31]</c> or <c>[1:02:31]</c>, and the text with blanks in their place, so that every offset
    /// stays.
    /// </summary>
    public static (string Text, SaidAt Said) Of(string text)
    {
        if (!text.Contains('[', StringComparison.Ordinal))
            return (text, new SaidAt([]));
        var times = new List<(int, int)>();
        var plain = new StringBuilder(text);
        foreach (Match match in Stamp().Matches(text))
        {
            var seconds = match
                .Groups["n"]
                .Captures.Select(c => int.Parse(c.Value, CultureInfo.InvariantCulture))
                .Aggregate(0, (sum, n) => 60 * sum + n);
            if (seconds > 60 * Limits.LongestMinutes)
                continue;
            times.Add((match.Index, seconds));
            for (var i = match.Index; i < match.Index + match.Length; i++)
                plain[i] = ' ';
        }
        return (plain.ToString(), new SaidAt(times));
    }

    /// <summary>How a time is written into a text.</summary>
    public static string Write(RollTime time) => $"[{time}]";

    /// <summary>Seconds at which the words at an offset were said; null before the first time.</summary>
    public int? At(int offset)
    {
        int? seconds = null;
        foreach (var time in Times)
        {
            if (time.Offset > offset)
                break;
            seconds = time.Seconds;
        }
        return seconds;
    }

    /// <summary>The reading with a time for every notch that told none itself.</summary>
    public RollRead Give(RollRead read) =>
        Times.Count == 0
            ? read
            : read with
            {
                Exchanges =
                [
                    .. read.Exchanges.Select(e =>
                        e with
                        {
                            Exchange = e.Exchange with
                            {
                                Notches =
                                [
                                    .. e.Exchange.Notches.Select(n =>
                                        n is { At: null, Remaining: null, Span: { } span } ? n with { At = RollTime.Of(At(span.Start)) } : n
                                    ),
                                ],
                            },
                        }
                    ),
                ],
            };

    [GeneratedRegex(@"\[(?<n>[0-9]{1,3})(?::(?<n>[0-5][0-9])){1,2}\]")]
    private static partial Regex Stamp();
}
