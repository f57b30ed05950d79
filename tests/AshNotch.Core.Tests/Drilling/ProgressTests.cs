using AshNotch.Core.Drilling;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Drilling;

/// <summary>Up the ladder when the checks of two sessions were met, down when not.</summary>
public class ProgressTests
{
    private static readonly DateOnly Start = new(2026, 3, 2);

    private static Rung After(Rung began, params (int Met, int Of)[] sessions) => After(began, null, sessions);

    private static Rung After(Rung began, DateOnly? moved, params (int Met, int Of)[] sessions)
    {
        var focus = new BlockFocus(new Way(new("mount/bottom"), Who.Partner, new("armbar")), null, null, null, false, "", began, moved);
        var block = new Block("b", Start, Start.AddDays(20), [focus], null);
        return Progress
            .Now(
                block,
                sessions.Select(
                    (s, i) =>
                        new DrilledSession(
                            "b",
                            Start.AddDays(i),
                            [new DrilledRound(0, Rung.Live, 0, null, s.Of == 0 ? [] : [new CheckCount("c", s.Met, s.Of)])]
                        )
                )
            )
            .Focuses[0]
            .Rung;
    }

    [Fact]
    public void Two_met_go_up_and_two_missed_go_down()
    {
        Assert.Equal(Rung.Repetitions, After(Rung.Repetitions, (5, 5)));
        Assert.Equal(Rung.FromThePlace, After(Rung.Repetitions, (3, 5), (3, 5)));
        Assert.Equal(Rung.OneStepEarlier, After(Rung.Repetitions, (5, 5), (5, 5), (5, 5), (5, 5)));
        Assert.Equal(Rung.FromThePlace, After(Rung.OneStepEarlier, (2, 5), (0, 5)));
        Assert.Equal(Rung.OneStepEarlier, After(Rung.OneStepEarlier, (5, 5), (0, 5), (5, 5), (0, 5)));
    }

    [Fact]
    public void The_ladder_ends_above_and_below_and_what_nobody_counted_says_nothing()
    {
        Assert.Equal(Rung.Live, After(Rung.Live, (5, 5), (5, 5)));
        Assert.Equal(Rung.Repetitions, After(Rung.Repetitions, (0, 5), (0, 5)));
        Assert.Equal(Rung.FromThePlace, After(Rung.Repetitions, (5, 5), (0, 0), (5, 5)));
    }

    [Fact]
    public void What_was_before_a_move_by_hand_counts_no_more() =>
        Assert.Equal(Rung.OneStepEarlier, After(Rung.OneStepEarlier, Start.AddDays(1), (0, 5), (0, 5)));

    [Fact]
    public void Without_checks_the_starts_speak()
    {
        var focus = new BlockFocus(new Way(new("mount/bottom"), Who.Partner, null), null, null, null, false, "");
        var block = new Block("b", Start, Start.AddDays(20), [focus], null);
        DrilledSession Of(int day, int kept) =>
            new("b", Start.AddDays(day), [new DrilledRound(0, Rung.FromThePlace, 5, new DrilledStarts(kept, 10 - kept), [])]);
        Assert.Equal(Rung.FromThePlace, Progress.Now(block, [Of(0, 8), Of(3, 7)]).Focuses[0].Rung);
        Assert.Equal(Rung.Repetitions, Progress.Now(block, [Of(0, 8), Of(3, 4)]).Focuses[0].Rung);
        Assert.Equal(Rung.Repetitions, Progress.Now(block with { Id = "other" }, [Of(0, 8), Of(3, 8)]).Focuses[0].Rung);
    }

    [Theory]
    [InlineData(0, false)]
    [InlineData(1, true)]
    [InlineData(28, true)]
    [InlineData(29, false)]
    public void A_block_that_is_over_is_to_be_decided_for_four_weeks(int daysAfter, bool isToDecide)
    {
        var end = new DateOnly(2026, 3, 29);
        var block = new Block("b", end.AddDays(-20), end, [], null);
        Assert.Equal(isToDecide, new Drills { Blocks = [block] }.ToDecide(end.AddDays(daysAfter)) is not null);
        Assert.Null(new Drills { Blocks = [block with { Verdict = Verdict.Keep }] }.ToDecide(end.AddDays(1)));
    }
}
