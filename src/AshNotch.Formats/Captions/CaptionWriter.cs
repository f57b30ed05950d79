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
    public static IReadOnlyList<Cue> Cues(Roll roll)
    {
        var cues = new List<Cue>();
        var vocabulary = MatVocabulary.BuiltIn;
        foreach (var exchange in roll.Exchanges)
        {
            var opens = vocabulary.Place(exchange.Start) is { } start ? Plain.Starts(start) + " " : "";
            for (var n = 0; n < exchange.Notches.Count; n++)
            {
                var notch = exchange.Notches[n];
                if (notch.AtSeconds is not { } at) continue;
                var line = vocabulary.Move(notch.Move) is { } move ? Plain.Line(notch.By, move, notch.Outcome) : NotchWords.Of(notch, vocabulary) + ".";
                var ends = n == exchange.Notches.Count - 1 && exchange.End is ExchangeEnd.Reset ? " Reset." : "";
                cues.Add(new Cue(at, at + Shown, opens + line + ends));
                opens = "";
            }
        }
        // A cue ends where the next begins.
        return [.. cues.OrderBy(c => c.Start).Select((c, i) => i + 1 < cues.Count ? c with { End = Math.Max(c.Start, Math.Min(c.End, cues[i + 1].Start)) } : c)];
    }

    /// <summary>WebVTT.</summary>
    public static string Vtt(IReadOnlyList<Cue> cues) => "WEBVTT\n" + string.Concat(cues.Select((c, i) => $"\n{i + 1}\n{Time(c.Start, '.')} --> {Time(c.End, '.')}\n{Safe(c.Text)}\n"));

    /// <summary>SubRip.</summary>
    public static string Srt(IReadOnlyList<Cue> cues) => string.Join('\n', cues.Select((c, i) => $"{i + 1}\n{Time(c.Start, ',')} --> {Time(c.End, ',')}\n{Safe(c.Text)}\n"));

    private static string Time(double seconds, char point)
    {
        var milliseconds = (long)Math.Round(seconds * 1000);
        return string.Create(CultureInfo.InvariantCulture, $"{milliseconds / 3_600_000:00}:{milliseconds / 60_000 % 60:00}:{milliseconds / 1000 % 60:00}{point}{milliseconds % 1000:000}");
    }

    private static string Safe(string text) => new StringBuilder(text).Replace("&", "&amp;").Replace("<", "&lt;").Replace(">", "&gt;").Replace('\n', ' ').ToString();
}
