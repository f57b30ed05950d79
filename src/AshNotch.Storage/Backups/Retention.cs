using System.Globalization;

namespace AshNotch.Storage.Backups;

/// <summary>
/// Which nightly copies are kept: the seven made last, whatever their dates, and the newest of each of the last four weeks and twelve months
/// that have one. Counted in copies, not by the clock, which may be wrong: a night in a year to come takes the place of one night. Common
/// practice for rotated backups.
/// </summary>
internal static class Retention
{
    private const int Nights = 7;
    private const int Weeks = 4;
    private const int Months = 12;

    /// <summary>The copies that are kept.</summary>
    /// <param name="made">When they were made by the clock of then, the last made first.</param>
    /// <param name="now">What is dated after it was made by a clock that went wrong, here or then: it stays.</param>
    public static HashSet<DateTimeOffset> Keep(IReadOnlyList<DateTimeOffset> made, DateTimeOffset now)
    {
        var kept = made.Take(Nights).Concat(made.Where(m => m > now)).ToHashSet();
        var past = made.Where(m => m <= now).OrderDescending().ToList();
        void Newest(int spans, Func<DateTime, (int, int)> span)
        {
            foreach (var group in past.GroupBy(m => span(m.UtcDateTime)).Take(spans))
                kept.Add(group.First());
        }
        Newest(Weeks, d => (ISOWeek.GetYear(d), ISOWeek.GetWeekOfYear(d)));
        Newest(Months, d => (d.Year, d.Month));
        return kept;
    }
}
