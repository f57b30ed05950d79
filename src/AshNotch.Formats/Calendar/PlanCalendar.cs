using System.Globalization;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Rounds;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace AshNotch.Formats.Calendar;

/// <summary>
/// The sessions of a block as iCalendar (RFC 5545). Times are those of the clock on the wall, tied to no zone, so that half past six stays so
/// across a change of the clocks; a session keeps its id, so that a second export updates the first.
/// </summary>
public static class PlanCalendar
{
    /// <summary>Writes the sessions that have rounds.</summary>
    /// <param name="block">Id of the block.</param>
    /// <param name="title">What the block is about.</param>
    /// <param name="sessions">Its sessions.</param>
    /// <param name="now">When it is written, in UTC.</param>
    /// <param name="said">How what is said is written, such as without names; null as it is.</param>
    public static string Write(
        string block,
        string title,
        IEnumerable<PlannedSession> sessions,
        DateTime now,
        Func<string, string>? said = null
    )
    {
        var calendar = new Ical.Net.Calendar { ProductId = "-//Ash Notch//Plan//EN" };
        foreach (var session in sessions.Where(s => s.Rounds.Count > 0))
        {
            var date = session.Date;
            var minutes = session.Rounds.Sum(r => r.Round.Minutes);
            var one = new CalendarEvent
            {
                Uid = string.Create(CultureInfo.InvariantCulture, $"{block}-{date:yyyyMMdd}@ash-notch"),
                DtStamp = new CalDateTime(now, CalDateTime.UtcTzId),
                Summary = As(title),
                Description = string.Join("\n", session.Rounds.Select(r => As(Line(r.Round)))),
            };
            if (session.Time is { } time)
            {
                one.Start = new CalDateTime(date.Year, date.Month, date.Day, time.Hour, time.Minute, 0);
                one.Duration = Duration.FromMinutes(Math.Max(minutes, 1));
            }
            else
            {
                one.Start = new CalDateTime(date.Year, date.Month, date.Day);
            }
            calendar.Events.Add(one);
        }
        return new CalendarSerializer().SerializeToString(calendar)!;

        string As(string text) => said is null ? text : said(text);
    }

    private static string Line(Round round) =>
        round.Minutes > 0 ? string.Create(CultureInfo.InvariantCulture, $"{round.Minutes} min: {round.Say}") : round.Say;
}
