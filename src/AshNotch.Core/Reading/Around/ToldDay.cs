using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Around;

/// <summary>Hears at the head of a telling of which day it is: "Thursday no gi", "Yesterday's class", "Last night".</summary>
public static class ToldDay
{
    // Later on another day is spoken of: "I have not been since Thursday".
    private const int Opening = 5;
    private const int ShortestDay = 3;
    private const int DaysInWeek = 7;

    /// <summary>The day that the opening words name, today or the newest before it; null when they name none.</summary>
    /// <param name="text">The telling.</param>
    /// <param name="today">The day on which it is told.</param>
    public static DateOnly? In(string text, DateOnly today)
    {
        var words = Word.Split(text);
        for (var i = 0; i < Math.Min(words.Count, Opening) && (i == 0 || !words[i].AfterStop); i++)
        {
            var word = words[i].Text;
            if (i > 0 && Grammar.Is("not-of-day", words[i - 1].Text))
                return null;
            if (word is "yesterday" or "yesterdays" || word is "night" or "nights" && i > 0 && words[i - 1].Text == "last")
                return today.AddDays(-1);
            if (DayOf(word, i == 0) is { } day)
                return today.AddDays(-((today.DayOfWeek - day + DaysInWeek) % DaysInWeek));
        }
        return null;
    }

    // "Sat" and "sun" are days only where they open the telling.
    private static DayOfWeek? DayOf(string word, bool opens)
    {
        foreach (var day in Enum.GetValues<DayOfWeek>())
        {
            var name = day.ToString();
            if (
                word.Equals(name, StringComparison.OrdinalIgnoreCase)
                || word.Equals(name + "s", StringComparison.OrdinalIgnoreCase)
                || opens && word.Length >= ShortestDay && name.StartsWith(word, StringComparison.OrdinalIgnoreCase)
            )
                return day;
        }
        return null;
    }
}
