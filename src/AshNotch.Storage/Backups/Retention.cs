using System.Globalization;

namespace AshNotch.Storage.Backups;

/// <summary>
/// Which nightly copies are kept: of the newest seven days that have one, the newest four weeks and the newest twelve months the newest of
/// each, and the newest five whatever their dates. Counted in copies, not by the clock, which may be wrong: a night in a year to come takes
/// the place of one night. Common practice for rotated backups.
/// </summary>
internal static class Retention
{
    private const int Days = 7;
    private const int Weeks = 4;
    private const int Months = 12;
    private const int Always = 5;

    /// <summary>The moments whose copies are kept. What is dated after now was made by a clock that went wrong, here or then: it stays.</summary>
    public static HashSet<DateTimeOffset> Keep(IReadOnlyList<DateTimeOffset> made, DateTimeOffset now)
    {
        var past = made.Where(m => m <= now).OrderDescending().ToList();
        var kept = made.Where(m => m > now).Concat(past.Take(Always)).ToHashSet();
        void Newest(int spans, Func<DateTime, (int, int)> span)
        {
            foreach (var group in past.GroupBy(m => span(m.UtcDateTime)).Take(spans))
                kept.Add(group.First());
        }
        Newest(Days, d => (d.Year, d.DayOfYear));
        Newest(Weeks, d => (ISOWeek.GetYear(d), ISOWeek.GetWeekOfYear(d)));
        Newest(Months, d => (d.Year, d.Month));
        return kept;
    }
}
