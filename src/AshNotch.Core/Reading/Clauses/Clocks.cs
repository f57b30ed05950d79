using System.Globalization;
using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>
/// Clock times in a clause, in seconds: <c>at 2:30</c>, <c>1:10 left</c>, <c>two minutes in</c>, <c>with ten seconds left</c>.
/// </summary>
internal static class Clocks
{
    private static readonly string[] Small = ["zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"];
    private static readonly string[] Tens = ["", "", "twenty", "thirty", "forty", "fifty"];

    /// <summary>Seconds since the roll began, and seconds left; null where not said.</summary>
    public static (int? At, int? Remaining) In(Clause clause, IReadOnlyList<Word> words)
    {
        for (var i = clause.First; i + 1 < clause.After; i++)
        {
            var after = i + 2 < words.Count && !words[i + 2].AfterStop ? words[i + 2].Text : "";
            if (Clock(words[i], words[i + 1]) is { } seconds)
                return IsLeft(after) ? (null, seconds) : (seconds, null);
            // "two minutes in" and "ten seconds left" are times; "stuck for two minutes" is how long.
            if (
                Number(words[i].Text) is { } number
                && words[i + 1].Stem is "minut" or "second"
                && (IsLeft(after) || after is "in" or "into")
            )
            {
                var told = words[i + 1].Stem == "minut" ? 60 * Number(words[i].Text)!.Value : Number(words[i].Text)!.Value;
                return IsLeft(after) ? (null, told) : (told, null);
            }
        }
        return (null, null);
    }

    private static bool IsLeft(string word) => word is "left" or "remaining";

    private static int? Clock(Word minutes, Word seconds) =>
        seconds.Before == ":"
        && seconds.Text.Length == 2
        && minutes.Text.Length <= 2
        && int.TryParse(minutes.Text, CultureInfo.InvariantCulture, out var m)
        && int.TryParse(seconds.Text, CultureInfo.InvariantCulture, out var s)
        && s <= 59
            ? 60 * m + s
            : null;

    private static int? Number(string word) =>
        word == "a" ? 1
        : word == "fifteen" ? 15
        : Array.IndexOf(Small, word) is var small and > 0 ? small
        : Array.IndexOf(Tens, word) is var tens and > 1 ? 10 * tens
        : int.TryParse(word, CultureInfo.InvariantCulture, out var digits) && digits is > 0 and < 100 ? digits
        : null;
}
