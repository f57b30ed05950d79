using System.Globalization;
using System.Text;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Captions;

/// <summary>Writes a roll as captions: a cue for each notch that has a time, in words that read back as that notch.</summary>
public static class CaptionWriter
{
    private const double Shown = 3;

    /// <summary>The cues of a roll; notches without a time are left out, for nobody knows where they belong.</summary>
    public static IReadOnlyList<Cue> Cues(Roll roll, MatVocabulary vocabulary)
    {
        var cues = new List<Cue>();
        foreach (var exchange in roll.Exchanges)
        {
            var opens = vocabulary.Place(exchange.Start) is { } start ? Plain.Starts(start) + " " : "";
            var now = exchange.Start;
            for (var n = 0; n < exchange.Notches.Count; n++)
            {
                var notch = exchange.Notches[n];
                var line =
                    notch.Move is null || vocabulary.Move(notch.Move) is not null
                        ? Plain.Line(notch, now, vocabulary, n > 0 ? exchange.Notches[n - 1] : null)
                        : NotchWords.Of(notch, vocabulary) + ".";
                now = Whereabouts.After(notch, now, vocabulary);
                if (notch.At is not { Seconds: var at })
                    continue;
                var ends = n == exchange.Notches.Count - 1 && exchange.End is ExchangeEnd.Reset ? " Reset." : "";
                cues.Add(new Cue(at, at + Shown, opens + line + ends));
                opens = "";
            }
        }
        // A cue ends where the next begins.
        return
        [
            .. cues.OrderBy(c => c.Start)
                .Select((c, i) => i + 1 < cues.Count ? c with { End = Math.Max(c.Start, Math.Min(c.End, cues[i + 1].Start)) } : c),
        ];
    }

    /// <summary>The chapters of a roll: one an exchange that has a time, titled by where it starts.</summary>
    public static IReadOnlyList<Cue> Chapters(Roll roll, MatVocabulary vocabulary)
    {
        var timed = roll
            .Exchanges.Where(e => e.Notches.Any(n => n.At is not null))
            .Select(e => (At: e.Notches.Where(n => n.At is not null).Min(n => n.At!.Value.Seconds), Exchange: e))
            .OrderBy(e => e.At)
            .ToList();
        return
        [
            .. timed.Select(
                (e, i) =>
                    new Cue(
                        i == 0 ? 0 : e.At,
                        i + 1 < timed.Count
                            ? timed[i + 1].At
                            : Math.Max(e.Exchange.Notches.Max(n => n.At?.Seconds ?? 0) + Shown, 60 * (roll.Minutes ?? 0)),
                        vocabulary.Place(e.Exchange.Start) is { } start ? Plain.Starts(start) : "Start not told."
                    )
            ),
        ];
    }

    /// <summary>WebVTT.</summary>
    public static string Vtt(IReadOnlyList<Cue> cues) =>
        "WEBVTT\n" + string.Concat(cues.Select((c, i) => $"\n{i + 1}\n{Time(c.Start, '.')} --> {Time(c.End, '.')}\n{Safe(c.Text)}\n"));

    /// <summary>SubRip.</summary>
    public static string Srt(IReadOnlyList<Cue> cues) =>
        string.Join('\n', cues.Select((c, i) => $"{i + 1}\n{Time(c.Start, ',')} --> {Time(c.End, ',')}\n{Safe(c.Text)}\n"));

    private static string Time(double seconds, char point)
    {
        var milliseconds = (long)Math.Round(seconds * 1000);
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{milliseconds / 3_600_000:00}:{milliseconds / 60_000 % 60:00}:{milliseconds / 1000 % 60:00}{point}{milliseconds % 1000:000}"
        );
    }

    private static string Safe(string text) =>
        new StringBuilder(text).Replace("&", "&amp;").Replace("<", "&lt;").Replace(">", "&gt;").Replace('\n', ' ').ToString();
}
