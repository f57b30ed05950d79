using System.Globalization;

namespace AshNotch.Core.Reading.Words;

/// <summary>Numbers as they are written or said: <c>95</c>, <c>95kg</c>, <c>two hundred and ten</c>.</summary>
internal static class Numbers
{
    private const int Longest = 5;
    private static readonly string[] UpToTwenty =
    [
        .. "zero one two three four five six seven eight nine".Split(' '),
        .. "ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen".Split(' '),
    ];
    private static readonly string[] Tens = "zero ten twenty thirty forty fifty sixty seventy eighty ninety".Split(' ');

    /// <summary>The number from a word on.</summary>
    /// <param name="words">The words.</param>
    /// <param name="first">Index of its first word.</param>
    /// <returns>
    /// The number, how many words it takes, and what was written to its digits without a space, such as <c>kg</c>; null when there is none.
    /// </returns>
    public static (double Value, int Count, string Unit)? At(IReadOnlyList<Word> words, int first)
    {
        var text = words[first].Text;
        var digits = text.TakeWhile(char.IsAsciiDigit).Count();
        if (digits > 0)
        {
            var whole = double.Parse(text[..digits], CultureInfo.InvariantCulture);
            // "84.5" is two words with a point between them.
            var isDecimal =
                digits == text.Length
                && first + 1 < words.Count
                && words[first + 1] is { Before: ".", Text.Length: 1 } next
                && char.IsAsciiDigit(next.Text[0]);
            return isDecimal ? (whole + (words[first + 1].Text[0] - '0') / 10.0, 2, "") : (whole, 1, text[digits..]);
        }
        return Said(words, first);
    }

    /// <summary>How often something is said to have been: <c>twice</c>, <c>3x</c>, <c>x3</c>, <c>four times</c>, <c>both times</c>.</summary>
    /// <param name="words">The words.</param>
    /// <param name="at">Index of the word that says it.</param>
    /// <returns>How often; null when the word says nothing of it.</returns>
    public static int? Times(IReadOnlyList<Word> words, int at) =>
        words[at].Text switch
        {
            "twice" => 2,
            [>= '1' and <= '9' and var digit, 'x'] => digit - '0',
            ['x', >= '1' and <= '9' and var digit] => digit - '0',
            "times" when at > 0 && words[at - 1].Text == "both" => 2,
            "times" when at > 0 && At(words, at - 1) is { Value: > 1 and < 10, Unit.Length: 0 } number => (int)number.Value,
            _ => null,
        };

    private static (double, int, string)? Said(IReadOnlyList<Word> words, int first)
    {
        var (sum, count) = (0, 0);
        var isWhole = false;
        for (var i = first; i < Math.Min(words.Count, first + Longest) && (i == first || !words[i].AfterPause); i++)
        {
            var text = words[i].Text;
            // "Six two" are two numbers.
            if (!isWhole && Array.IndexOf(UpToTwenty, text) is var small and >= 0)
            {
                sum += small;
                isWhole = true;
            }
            else if (!isWhole && Array.IndexOf(Tens, text) is var ten and >= 0)
                sum += 10 * ten;
            else if (text == "hundred" && sum < 10)
                (sum, isWhole) = (100 * Math.Max(1, sum), false);
            else if (text == "and" && sum >= 100 && i + 1 < words.Count && IsSmall(words[i + 1].Text))
                continue;
            else
                break;
            count = i - first + 1;
        }
        return count == 0 ? null : (sum, count, "");
    }

    private static bool IsSmall(string text) => Array.IndexOf(UpToTwenty, text) >= 0 || Array.IndexOf(Tens, text) >= 0;
}
