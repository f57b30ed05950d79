using System.Globalization;

namespace AshNotch.Core.Reading;

/// <summary>
/// Clock times in a clause, in seconds: <c>at 2:30</c>, <c>1:10 left</c>, <c>two minutes in</c>, <c>with ten seconds left</c>.
/// </summary>
internal static class Times
{
    private static readonly Dictionary<string, int> Numbers = new()
    {
        ["a"] = 1,
        ["one"] = 1,
        ["two"] = 2,
        ["three"] = 3,
        ["four"] = 4,
        ["five"] = 5,
        ["six"] = 6,
        ["seven"] = 7,
        ["eight"] = 8,
        ["nine"] = 9,
        ["ten"] = 10,
        ["fifteen"] = 15,
        ["twenty"] = 20,
        ["thirty"] = 30,
        ["forty"] = 40,
        ["fifty"] = 50,
    };

    /// <summary>Time since the roll began.</summary>
    public static int? At(Clause clause) => Find(clause) is ({ } seconds, false) ? seconds : null;

    /// <summary>Time left.</summary>
    public static int? Remaining(Clause clause) => Find(clause) is ({ } seconds, true) ? seconds : null;

    private static (int? Seconds, bool Remaining) Find(Clause clause)
    {
        for (var i = clause.First; i + 1 < clause.After; i++)
        {
            var after = i + 2 < clause.After ? clause.Words[i + 2].Text : "";
            if (Clock(clause.Words[i], clause.Words[i + 1]) is { } seconds)
                return (seconds, IsLeft(after));
            // "two minutes in" and "ten seconds left" are times; "stuck for two minutes" is how long.
            if (
                Number(clause.Words[i].Text) is { } number
                && clause.Words[i + 1].Stem is "minut" or "second"
                && (IsLeft(after) || after is "in" or "into")
            )
            {
                return (clause.Words[i + 1].Stem == "minut" ? 60 * number : number, IsLeft(after));
            }
        }
        return (null, false);
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
        Numbers.TryGetValue(word, out var number) ? number
        : int.TryParse(word, CultureInfo.InvariantCulture, out var digits) && digits is > 0 and < 100 ? digits
        : null;
}
