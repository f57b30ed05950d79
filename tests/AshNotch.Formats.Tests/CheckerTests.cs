using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.Formats.Tests;

public class CheckerTests
{
    private static (T Value, string? Fault) Checked<T>(Func<Checker, T> read)
    {
        var check = new Checker();
        var value = read(check);
        return (value, check.Faults.Count == 0 ? null : $"{check.Faults[0].Where} {check.Faults[0].What}");
    }

    [Theory]
    [InlineData("0:00", 0)]
    [InlineData("2:05", 125)]
    [InlineData("12:59", 779)]
    [InlineData("180:00", 10800)]
    public void Minutes_and_seconds_are_read(string written, int seconds) =>
        Assert.Equal((seconds, null), Checked(c => c.Time(written, "", "at")?.Seconds));

    [Theory]
    [InlineData("2:5")]
    [InlineData("2:60")]
    [InlineData("-1:00")]
    [InlineData("181:00")]
    [InlineData("1:00:00")]
    [InlineData("two")]
    [InlineData("99999999999:00")]
    public void What_is_no_time_of_a_roll_is_told_with_how_to_write_one(string written)
    {
        var (seconds, fault) = Checked(c => c.Time(written, "notch.", "at")?.Seconds);
        Assert.Null(seconds);
        Assert.Equal($"notch.at '{written}' is not minutes and seconds; write it as 2:05.", fault);
    }

    [Theory]
    [InlineData("1949-12-31", false)]
    [InlineData("1950-01-01", true)]
    [InlineData("2099-12-31", true)]
    [InlineData("2100-01-01", false)]
    [InlineData("2024-02-29", true)]
    [InlineData("2026-02-29", false)]
    [InlineData("02/03/2026", false)]
    [InlineData("2026-3-2", false)]
    public void A_day_is_one_that_somebody_could_have_trained_on(string written, bool fine) =>
        Assert.Equal(fine, Checked(c => c.Day(written, "", "date")).Fault is null);

    [Theory]
    [InlineData("00:00", true)]
    [InlineData("23:59", true)]
    [InlineData("24:00", false)]
    [InlineData("7pm", false)]
    public void A_time_of_day_is_read_by_the_day_of_24_hours(string written, bool fine) =>
        Assert.Equal(fine, Checked(c => c.Clock(written, "", "time")).Fault is null);

    [Theory]
    [InlineData(14.9, false)]
    [InlineData(15, true)]
    [InlineData(350, true)]
    [InlineData(350.1, false)]
    [InlineData(double.NaN, false)]
    [InlineData(double.PositiveInfinity, false)]
    [InlineData(-77, false)]
    public void A_weight_is_one_a_person_can_have(double kg, bool fine) =>
        Assert.Equal(fine ? kg : null, Checked(c => c.Weight(kg, "", "weightKg")).Value);

    [Fact]
    public void What_is_left_out_is_no_fault_and_no_zero()
    {
        Assert.Equal((null, null), Checked(c => c.Weight(null, "", "weightKg")));
        Assert.Equal((null, null), Checked(c => c.Time("", "", "at")?.Seconds));
        Assert.Equal((null, null), Checked(c => c.Day(" ", "", "date")));
        Assert.Equal((null, null), Checked(c => c.Term<Belt>(null, "", "belt")));
        Assert.Equal((null, null), Checked(c => c.Text("", "", "notes")));
    }

    [Fact]
    public void A_wrong_term_names_the_right_ones_and_is_not_repeated_without_end()
    {
        var (_, fault) = Checked(c => c.Term<Attire>(new string('x', 5000), "", "attire"));
        Assert.Contains("gi, no-gi", fault, StringComparison.Ordinal);
        Assert.True(fault!.Length < 200);
    }

    [Fact]
    public void A_name_is_one_short_line()
    {
        Assert.Equal(("Oak", null), Checked(c => c.Name("  Oak ", "", "name")));
        Assert.NotNull(Checked(c => c.Name("two\nlines", "", "name")).Fault);
        Assert.NotNull(Checked(c => c.Name("bell\u0007", "", "name")).Fault);
        Assert.NotNull(Checked(c => c.Name(new string('x', Limits.LongestName + 1), "", "name")).Fault);
        Assert.Null(Checked(c => c.Name(new string('x', Limits.LongestName), "", "name")).Fault);
    }

    [Fact]
    public void Everything_wrong_in_a_roll_is_told_at_once_each_at_its_place()
    {
        var check = new Checker();
        RollReading.Read(
            new RollDocument
            {
                Minutes = 999,
                Intensity = "brutal",
                Partial = ["half-asleep"],
                Mission = new MissionDocument
                {
                    Checks = [new() { Text = "a" }, new() { Text = "b" }, new() { Text = "" }, new() { Text = "d" }],
                },
                Exchanges =
                [
                    new ExchangeDocument
                    {
                        End = "bored",
                        Notches =
                        [
                            new NotchDocument
                            {
                                By = "coach",
                                Outcome = "landed",
                                Side = "up",
                                Span = [4, 2],
                            },
                            null!,
                        ],
                    },
                ],
                Takeaways = [new TakeawayDocument { Text = "t", Exchange = 3 }],
            },
            "r",
            check,
            "roll"
        );
        Assert.Equal(
            [
                "roll.exchanges[0].end",
                "roll.exchanges[0].notches[0].by",
                "roll.exchanges[0].notches[0].side",
                "roll.exchanges[0].notches[0].span",
                "roll.exchanges[0].notches[1]",
                "roll.intensity",
                "roll.minutes",
                "roll.mission.checks",
                "roll.mission.checks[2].text",
                "roll.mission.text",
                "roll.partial[0]",
                "roll.takeaways[0]",
            ],
            check.Faults.Select(f => f.Where).Order()
        );
    }

    [Fact]
    public void More_notches_than_anyone_can_remember_are_refused_with_what_to_do()
    {
        var check = new Checker();
        var notches = Enumerable.Repeat(new NotchDocument { By = "me", Outcome = "landed" }, Limits.MostNotches + 1).ToList();
        RollReading.Read(new RollDocument { Exchanges = [new ExchangeDocument { Notches = notches }] }, "r", check, "");
        Assert.Contains("split it", Assert.Single(check.Faults).What, StringComparison.Ordinal);
    }
}
