using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling;
using AshNotch.Core.Drilling.Choosing;
using AshNotch.Core.Drilling.Effort;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Review;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Demo;

namespace AshNotch.Core.Tests.Drilling;

/// <summary>What an hour of drilling is worth, as past blocks have it.</summary>
public class EffortTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;
    private static readonly Way KneeCut = new(new("half-guard/bottom"), Who.Partner, new("knee-cut-pass"));
    private static readonly Way Sweep = new(new("half-guard/bottom"), Who.Me, new("old-school-sweep"));
    private static readonly Way Armbar = new(new("mount/top"), Who.Me, new("armbar"));
    private static readonly Way Elsewhere = new(new("back-control/top"), Who.Me, new("rear-naked-choke"));

    private static Moved Of(Way way, string block, double hours, double change, double variance) =>
        new(block, ExchangeKind.Of(way, Mat), hours, change, variance);

    // One normal observation of one normal unknown, in closed form (Gelman and others, Bayesian Data Analysis, section 2.5): the prior of a
    // kind's effect is the sum of three independent ones.
    [Theory]
    [InlineData(3, 0.9, 0.2)]
    [InlineData(1, -0.5, 0.05)]
    [InlineData(10, 0, 4)]
    public void One_block_moves_its_kind_as_the_closed_form_says(double hours, double change, double variance)
    {
        const double PriorMean = 0.1;
        const double PriorVariance = 0.1 * 0.1 + 2 * 0.07 * 0.07;
        var seen = variance / (hours * hours);
        var expected = (PriorMean / PriorVariance + change / hours / seen) / (1 / PriorVariance + 1 / seen);
        var effect = Efforts.From([Of(KneeCut, "b", hours, change, variance)]).Of(KneeCut, Mat);
        Assert.Equal(expected, effect.Mean, 9);
        Assert.Equal(Math.Sqrt(1 / (1 / PriorVariance + 1 / seen)), effect.Deviation, 9);
    }

    [Fact]
    public void Kinds_are_drawn_towards_each_other_and_what_was_never_drilled_is_less_sure()
    {
        var efforts = Efforts.From([Of(Sweep, "a", 4, 1.2, 0.1), Of(Armbar, "b", 4, 0, 0.1)]);
        var (sweep, armbar, other) = (efforts.Of(Sweep, Mat), efforts.Of(Armbar, Mat), efforts.Of(Elsewhere, Mat));
        Assert.InRange(sweep.Mean, efforts.Of(Who.Me).Mean, 0.3);
        Assert.InRange(armbar.Mean, 0, efforts.Of(Who.Me).Mean);
        Assert.Equal(efforts.Of(Who.Me).Mean, other.Mean, 12);
        Assert.True(other.Deviation > sweep.Deviation);
        // The other direction learns from this one only what both have in common.
        Assert.True(efforts.Of(Who.Partner).Deviation > efforts.Of(Who.Me).Deviation);
        Assert.True(sweep.Low < sweep.Mean && sweep.Mean < sweep.High);
    }

    [Fact]
    public void The_order_of_the_blocks_says_nothing()
    {
        Moved[] moved = [Of(Sweep, "a", 4, 1.2, 0.1), Of(Armbar, "b", 2, 0, 0.3), Of(KneeCut, "c", 1, 0.4, 0.2)];
        foreach (var way in (Way[])[Sweep, Armbar, KneeCut, Elsewhere])
            Assert.Equal(Efforts.From(moved).Of(way, Mat).Mean, Efforts.From([.. moved.Reverse()]).Of(way, Mat).Mean, 12);
    }

    [Fact]
    public void Until_two_blocks_speak_all_hours_are_equal()
    {
        Assert.False(Efforts.None.Speak);
        var one = Efforts.From([Of(Sweep, "a", 4, 1.2, 0.1), Of(Armbar, "a", 4, 0, 0.1)]);
        Assert.False(one.Speak);
        Assert.Equal((1, 1), (PerHour.Weight(Sweep, one, Mat), PerHour.Weight(Armbar, one, Mat)));
        Assert.Contains("taken to be worth the same", EffortWords.Of(one), StringComparison.Ordinal);
        var two = Efforts.From([Of(Sweep, "a", 4, 1.2, 0.1), Of(Armbar, "b", 4, 0, 0.1)]);
        Assert.True(PerHour.Weight(Sweep, two, Mat) > 2 * PerHour.Weight(Armbar, two, Mat));
        Assert.Contains("By 2 blocks of yours an hour changes the odds by about", EffortWords.Of(two), StringComparison.Ordinal);
    }

    [Fact]
    public void What_hours_brought_turns_the_choice()
    {
        var demo = Experience.Of(DemoTests.Log, Mat);
        var ranking = WeakSpotRanking.Of(demo, Aim.Points, Against.Usual);
        Proposal With(Efforts efforts) => Proposing.Of(demo, ranking, Aim.Points, MyWeek.Of([], 0), [], new(2026, 11, 30), efforts);
        var equal = With(Efforts.None);
        Assert.Equal(Who.Partner, equal.Sets[0].Focuses[0].Way.By);
        Assert.All(equal.Sets.SelectMany(s => s.Focuses), f => Assert.Null(f.PerHour));
        // Stopping theirs was drilled twice in vain, landing mine came at once.
        var learned = With(
            Efforts.From([
                Of(KneeCut, "a", 10, 0, 0.01),
                Of(KneeCut, "b", 10, 0, 0.01),
                Of(new Way(new("side-control/bottom"), Who.Partner, new("back-take")), "b", 10, 0, 0.01),
                Of(Sweep, "c", 4, 1.6, 0.01),
                Of(Armbar, "d", 4, 1.6, 0.01),
            ])
        );
        var first = learned.Sets[0].Focuses[0];
        Assert.Equal(Who.Me, first.Way.By);
        Assert.StartsWith("An hour of it: about", first.PerHour!.Say, StringComparison.Ordinal);
        Assert.InRange(first.PerHour.GainPerRoll, first.PerHour.Low, first.PerHour.High);
        Assert.StartsWith("Ranked by what an hour of drilling brings. By 4 blocks", learned.By, StringComparison.Ordinal);
    }

    private static IReadOnlyList<Moved> MovedIn(Drills drills, Log log, DateOnly today) =>
        [.. drills.Blocks.SelectMany(b => Moving.Of(b, drills, Experience.OfBefore(b.Start, log, Mat), today))];

    [Fact]
    public void The_demo_s_sweep_moved_and_twice_the_hours_are_half_the_effect()
    {
        var (drills, today) = (Story.Drills, new DateOnly(2026, 11, 22));
        var sweep = Assert.Single(MovedIn(drills, DemoTests.Log, today), m => m.Block == "sweep");
        Assert.True(sweep.LogOdds > 0);
        // Nine days of twenty minutes; what lay behind a roll of the first weeks is less.
        Assert.InRange(sweep.Hours, 1, 3);
        var longer = drills with
        {
            Done = [.. drills.Done.Select(d => d with { Rounds = [.. d.Rounds.Select(r => r with { Minutes = 2 * r.Minutes })] })],
        };
        var twice = Assert.Single(MovedIn(longer, DemoTests.Log, today), m => m.Block == "sweep");
        Assert.Equal((2 * sweep.Hours, sweep.LogOdds), (twice.Hours, twice.LogOdds));
    }

    [Fact]
    public void What_was_not_drilled_or_hardly_seen_says_nothing()
    {
        var (drills, today) = (Story.Drills, new DateOnly(2026, 11, 22));
        Assert.Empty(MovedIn(drills with { Done = [] }, DemoTests.Log, today));
        // Refreshers are no hours of a focus.
        var refreshed = drills with
        {
            Done = [.. drills.Done.Select(d => d with { Rounds = [new DrilledRound(-1, Rung.FromThePlace, 20, null, [])] })],
        };
        Assert.Empty(MovedIn(refreshed, DemoTests.Log, today));
        Assert.Empty(MovedIn(drills, DemoTests.Log, new DateOnly(2026, 10, 8)));
        Assert.False(Moving.Learned(Drills.None, DemoTests.Log, today, Mat).Speak);
    }
}
