using System.Globalization;
using System.Net;
using System.Text;
using System.Text.RegularExpressions;
using AshNotch.Core.Reading;

namespace AshNotch.Formats.Captions;

/// <summary>Reads SubRip and WebVTT captions, as a phone's dictation or a caption tool writes them.</summary>
/// <remarks>
/// WebVTT: The Web Video Text Tracks Format, W3C. SubRip has no standard; its usual form is number, times, lines, blank line.
/// </remarks>
public static partial class CaptionReader
{
    /// <summary>Whether a text looks like captions rather than plain writing.</summary>
    public static bool IsCaptions(string text) =>
        text.TrimStart('\uFEFF').StartsWith("WEBVTT", StringComparison.Ordinal)
        || TimeLine().IsMatch(text.Length > 400 ? text[..400] : text);

    /// <summary>Reads captions. A cue with broken times keeps its words, at the time of the cue before, and is reported.</summary>
    public static CaptionedTelling Read(string text)
    {
        var told = new StringBuilder();
        var times = new List<(int, int)>();
        var faults = new List<Fault>();
        var lines = text.TrimStart('\uFEFF').Replace("\r\n", "\n", StringComparison.Ordinal).Replace('\r', '\n').Split('\n');
        var inNote = lines[0].StartsWith("WEBVTT", StringComparison.Ordinal);
        var afterBlank = true;
        for (var i = 0; i < lines.Length; i++)
        {
            var line = lines[i].Trim();
            if (line.Length == 0)
            {
                inNote = false;
                afterBlank = true;
                continue;
            }
            if (afterBlank && (line == "NOTE" || line.StartsWith("NOTE ", StringComparison.Ordinal) || line is "STYLE" or "REGION"))
                inNote = true;
            if (inNote)
                continue;
            if (line.Contains("-->", StringComparison.Ordinal))
            {
                if (Start(line) is { } seconds)
                    times.Add((told.Length, (int)seconds));
                else
                    faults.Add(
                        new Fault(
                            string.Create(CultureInfo.InvariantCulture, $"line {i + 1}"),
                            $"'{(line.Length > 60 ? line[..60] + "…" : line)}' is no time of a caption; its words are kept without "
                                + "one. Write it as 00:01:05.000 --> 00:01:08.000."
                        )
                    );
                afterBlank = false;
                continue;
            }
            // A number or name before the times is the cue's label, not said by anybody.
            if (afterBlank && i + 1 < lines.Length && lines[i + 1].Contains("-->", StringComparison.Ordinal))
                continue;
            afterBlank = false;
            var words = WebUtility.HtmlDecode(Tag().Replace(line, "")).Trim();
            if (words.Length > 0)
                told.Append(words).Append(' ');
        }
        return new CaptionedTelling(told.ToString().TrimEnd(), new SaidAt(times), faults);
    }

    private static double? Start(string line)
    {
        var match = Stamp().Match(line);
        if (!match.Success || match.Index != 0)
            return null;
        var hours = match.Groups["h"].Success ? int.Parse(match.Groups["h"].Value, CultureInfo.InvariantCulture) : 0;
        var minutes = int.Parse(match.Groups["m"].Value, CultureInfo.InvariantCulture);
        var seconds = int.Parse(match.Groups["s"].Value, CultureInfo.InvariantCulture);
        return minutes > 59 || seconds > 59 ? null : 3600.0 * hours + 60 * minutes + seconds;
    }

    [GeneratedRegex(@"^\s*([0-9]{1,3}:)?[0-9]{1,2}:[0-9]{2}[.,][0-9]{3}\s+-->", RegexOptions.Multiline)]
    private static partial Regex TimeLine();

    [GeneratedRegex(@"(?:(?<h>[0-9]{1,3}):)?(?<m>[0-9]{1,2}):(?<s>[0-9]{2})[.,][0-9]{3}(?=\s)")]
    private static partial Regex Stamp();

    [GeneratedRegex("<[^<>]*>")]
    private static partial Regex Tag();
}
