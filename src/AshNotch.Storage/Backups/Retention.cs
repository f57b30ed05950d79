using System.Globalization;

namespace AshNotch.Storage.Backups;

/// <summary>
/// Which nightly copies are kept: of the last seven days each, of the last four weeks the newest of each, of the last twelve months the
/// newest of each. Common practice for rotated backups.
/// </summary>
internal static class Retention
{
    private const int Days = 7;
    private const int Weeks = 4;
    private const int Months = 12;

    /// <summary>The moments whose copies are kept; the newest of all always is.</summary>
    public static HashSet<DateTimeOffset> Keep(IReadOnlyList<DateTimeOffset> made, DateTimeOffset now)
    {
        var today = now.UtcDateTime.Date;
        var kept = new HashSet<DateTimeOffset>();
        void Newest(Func<DateTime, bool> recent, Func<DateTime, (int, int)> span)
        {
            foreach (var group in made.Where(m => recent(m.UtcDateTime.Date)).GroupBy(m => span(m.UtcDateTime.Date)))
                kept.Add(group.Max());
        }
        Newest(d => d > today.AddDays(-Days), d => (d.Year, d.DayOfYear));
        Newest(d => d > today.AddDays(-7 * Weeks), d => (ISOWeek.GetYear(d), ISOWeek.GetWeekOfYear(d)));
        Newest(d => d > today.AddMonths(-Months), d => (d.Year, d.Month));
        if (made.Count > 0)
            kept.Add(made.Max());
        return kept;
    }
}
