using System.Globalization;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Calendar;

namespace AshNotch.Formats.Tests;

/// <summary>The sessions of a block as iCalendar, RFC 5545. An independent parser reads them in the browser's tests.</summary>
public class PlanCalendarTests
{
    private static readonly Way KneeCut = new(new("half-guard/bottom"), Who.Partner, new("knee-cut-pass"));
    private static readonly DateTime Now = new(2026, 10, 20, 12, 0, 0, DateTimeKind.Utc);

    private static PlannedSession Session(int day, TimeOnly? time, params Rung[] rungs) =>
        new(
            new DateOnly(2026, 10, day),
            20,
            [
                .. rungs.Select(r => new PlannedRound(
                    0,
                    new Ladder(KneeCut, null, new HashSet<Core.Drilling.Week.School>(), MatVocabulary.BuiltIn).Round(
                        r,
                        r == Rung.Live ? 0 : 10
                    ),
                    []
                )),
            ],
            null,
            time
        );

    private static string[] Written(params PlannedSession[] sessions) =>
        PlanCalendar.Write("b1", "Stop the knee cut", sessions, Now).Split("\r\n");

    [Fact]
    public void A_session_stands_at_its_time_by_the_clock_on_the_wall_before_and_after_a_change_of_the_clocks()
    {
        // The clocks of Europe go back on 25 October 2026.
        var half = new TimeOnly(18, 30);
        var lines = Written(Session(23, half, Rung.FromThePlace, Rung.OneStepEarlier), Session(26, half, Rung.FromThePlace));
        Assert.Contains("DTSTART:20261023T183000", lines);
        Assert.Contains("DTSTART:20261026T183000", lines);
        Assert.Contains("DURATION:PT20M", lines);
        Assert.DoesNotContain(lines, l => l.Contains("TZID", StringComparison.Ordinal));
        Assert.Contains("DTSTART;VALUE=DATE:20261027", Written(Session(27, null, Rung.Live)));
    }

    [Fact]
    public void A_second_export_has_the_same_ids_and_days_without_rounds_are_none()
    {
        static IEnumerable<string> Ids(string[] lines) => lines.Where(l => l.StartsWith("UID:", StringComparison.Ordinal));
        var first = Written(Session(23, null, Rung.FromThePlace), Session(24, null));
        Assert.Equal(["UID:b1-20261023@ash-notch"], Ids(first));
        Assert.Equal(Ids(first), Ids(Written(Session(23, new TimeOnly(7, 0), Rung.Live))));
    }

    [Fact]
    public void What_is_to_be_done_stands_in_it_and_no_line_is_too_long()
    {
        var lines = Written(Session(23, null, Rung.FromThePlace, Rung.Live));
        var description = string.Concat(
            lines.SkipWhile(l => !l.StartsWith("DESCRIPTION", StringComparison.Ordinal)).Select(l => l.TrimStart(' '))
        );
        Assert.Contains("10 min: Start in your half guard", description, StringComparison.Ordinal);
        Assert.All(lines, l => Assert.InRange(System.Text.Encoding.UTF8.GetByteCount(l), 0, 75));
        Assert.Contains(
            lines,
            l => l.StartsWith("DTSTAMP:" + Now.ToString("yyyyMMdd'T'HHmmss'Z'", CultureInfo.InvariantCulture), StringComparison.Ordinal)
        );
    }
}
