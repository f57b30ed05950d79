using System.Globalization;

namespace AshNotch.Core.Reading;

/// <summary>Clock times in a clause, such as <c>at 2:30</c> or <c>1:10 left</c>, in seconds.</summary>
internal static class Times
{
    /// <summary>Time since the roll began.</summary>
    public static int? At(Clause clause) => Find(clause) is ({ } seconds, false) ? seconds : null;

    /// <summary>Time left.</summary>
    public static int? Remaining(Clause clause) => Find(clause) is ({ } seconds, true) ? seconds : null;

    private static (int? Seconds, bool Remaining) Find(Clause clause)
    {
        for (var i = clause.First; i + 1 < clause.After; i++)
        {
            var (minutes, seconds) = (clause.Words[i], clause.Words[i + 1]);
            if (seconds.Before != ":" || seconds.Text.Length != 2 || minutes.Text.Length > 2) continue;
            if (!int.TryParse(minutes.Text, CultureInfo.InvariantCulture, out var m) || !int.TryParse(seconds.Text, CultureInfo.InvariantCulture, out var s) || s > 59) continue;
            return (m * 60 + s, i + 2 < clause.After && clause.Words[i + 2].Text is "left" or "remaining");
        }
        return (null, false);
    }
}
