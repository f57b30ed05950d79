using System.Globalization;

namespace AshNotch.Core.Matches;

/// <summary>How far off a day is, in words.</summary>
public static class DaysTo
{
    /// <summary><c>today</c>, <c>tomorrow</c>, <c>in 12 days</c>, <c>3 days ago</c>.</summary>
    public static string Say(DateOnly day, DateOnly today) =>
        (day.DayNumber - today.DayNumber) switch
        {
            0 => "today",
            1 => "tomorrow",
            -1 => "yesterday",
            > 0 and var days => string.Create(CultureInfo.InvariantCulture, $"in {days} days"),
            var days => string.Create(CultureInfo.InvariantCulture, $"{-days} days ago"),
        };
}
