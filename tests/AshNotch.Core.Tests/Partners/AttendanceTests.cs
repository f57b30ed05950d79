using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Tests.Partners;

public class AttendanceTests
{
    // A Monday.
    private static readonly DateOnly First = new(2026, 1, 5);

    private static Log Log(int weeks, Func<int, DayOfWeek, IEnumerable<string>> who) =>
        new()
        {
            Sessions =
            [
                .. from week in Enumerable.Range(0, weeks)
                from day in new[] { 0, 2 }
                let date = First.AddDays(7 * week + day)
                select new Session
                {
                    Id = $"s{date:yyyyMMdd}",
                    Date = date,
                    Rolls = [.. who(week, date.DayOfWeek).Select(p => new Roll { Id = $"{p}{date:yyyyMMdd}", Partner = p })],
                },
            ],
        };

    private static double Chance(Attendance attendance, DateOnly on, string partner) =>
        attendance.On(on).FirstOrDefault(c => c.Partner == partner).Chance;

    [Fact]
    public void Who_comes_on_Mondays_is_likely_there_on_a_Monday()
    {
        var attendance = Attendance.Of(Log(20, (_, day) => day == DayOfWeek.Monday ? ["monday", "both"] : ["wednesday", "both"]));
        var monday = First.AddDays(7 * 20);
        Assert.True(Chance(attendance, monday, "monday") > 0.8);
        Assert.True(Chance(attendance, monday, "wednesday") < 0.2);
        Assert.True(Chance(attendance, monday.AddDays(2), "wednesday") > 0.8);
        Assert.True(Chance(attendance, monday.AddDays(2), "both") > 0.8);
    }

    [Fact]
    public void Who_stopped_coming_is_hardly_likely_and_what_comes_after_a_day_says_nothing_of_it()
    {
        var attendance = Attendance.Of(Log(40, (week, _) => week < 20 ? ["left", "stays"] : ["stays", "new"]));
        var end = First.AddDays(7 * 40);
        Assert.True(Chance(attendance, end, "left") < 0.25);
        Assert.True(Chance(attendance, end, "new") > 0.7);
        var then = First.AddDays(7 * 20);
        Assert.True(Chance(attendance, then, "left") > 0.7);
        Assert.DoesNotContain(attendance.On(then), c => c.Partner == "new");
    }

    [Fact]
    public void Who_was_away_in_the_same_weeks_a_year_ago_is_less_likely_now()
    {
        static bool Summer(int week) => week % 52 is >= 26 and < 32;
        var attendance = Attendance.Of(Log(82, (week, _) => Summer(week) ? ["stays"] : ["stays", "student"]));
        var summer = Chance(attendance, First.AddDays(7 * (52 + 27)), "student");
        var spring = Chance(attendance, First.AddDays(7 * (52 + 20)), "student");
        Assert.True(summer < spring);
    }

    [Fact]
    public void The_next_class_is_the_next_weekday_one_usually_trains_on()
    {
        var attendance = Attendance.Of(Log(10, (_, _) => ["a"]));
        Assert.Equal(new DateOnly(2026, 3, 16), attendance.NextClass(new DateOnly(2026, 3, 11)));
        Assert.Equal(new DateOnly(2026, 3, 18), attendance.NextClass(new DateOnly(2026, 3, 16)));
        Assert.Null(Attendance.Of(new Log()).NextClass(First));
    }

    [Fact]
    public void A_log_without_days_or_partners_foretells_nobody()
    {
        var log = new Log { Sessions = [new Session { Id = "s", Rolls = [new Roll { Id = "r", Partner = "a" }] }] };
        Assert.Empty(Attendance.Of(log).On(First));
        Assert.Empty(Attendance.Of(Log(3, (_, _) => [])).On(First));
    }
}
