using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling.Choosing;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Drilling;

/// <summary>Choosing what to work on: joint gains, greedy sets, and what is left out.</summary>
public class ChoosingTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;
    private static readonly DateOnly Start = new(2026, 11, 30);
    private static readonly MyWeek Week = MyWeek.Of([DayOfWeek.Monday, DayOfWeek.Wednesday], 20);
    private static readonly Experience Demo = Experience.Of(DemoTests.Log, Mat);

    private static Proposal Propose(Experience experience, MyWeek? week = null, IReadOnlyList<Drilled>? drilled = null) =>
        Proposing.Of(experience, WeakSpotRanking.Of(experience, Aim.Points, Against.Usual), Aim.Points, week ?? Week, drilled ?? [], Start);

    private static JointGains Gains(Experience experience, int draws = 8) =>
        new(experience.Model, Reward.Of(Aim.Points, Mat, experience.Model.Shape), Against.Usual, draws);

    [Fact]
    public void What_one_brings_is_the_same_by_the_rank_one_formula_and_solved_afresh()
    {
        var ways = WeakSpotRanking.Of(Demo, Aim.Points, Against.Usual).Spots.Take(6).Select(s => s.Way).ToList();
        var gains = Gains(Demo);
        var alone = gains.Beyond([], ways);
        for (var i = 0; i < ways.Count; i++)
        {
            Assert.Equal(gains.Of([ways[i]]).Average(), alone[i], 9);
            var beside = gains.Beyond([ways[0]], ways)[i];
            if (i > 0)
                Assert.Equal(gains.Of([ways[0], ways[i]]).Average() - gains.Of([ways[0]]).Average(), beside, 9);
        }
        Assert.Equal(gains.Of(ways).Average(), gains.Of([.. ways.AsEnumerable().Reverse()]).Average(), 9);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    public void Greedy_choice_is_hardly_worse_than_trying_all_sets(int seed)
    {
        var experience = Experience.Of(RandomLogs.Of(seed, 60), Mat);
        var ways = WeakSpotRanking.Of(experience, Aim.Points, Against.Usual).Spots.Take(7).Select(s => s.Way).ToList();
        var gains = Gains(experience);
        var best =
            from a in Enumerable.Range(0, ways.Count)
            from b in Enumerable.Range(a + 1, ways.Count - a - 1)
            from c in Enumerable.Range(b + 1, ways.Count - b - 1)
            select gains.Of([ways[a], ways[b], ways[c]]).Average();
        var greedy = Proposing.Greedy(gains, null, ways, 3);
        Assert.Equal(3, greedy.Count);
        Assert.InRange(gains.Of(greedy).Average(), 0.95 * best.Max(), best.Max() + 1e-9);
    }

    [Fact]
    public void The_first_set_leads_with_the_first_of_the_ranking_and_the_others_are_other_choices()
    {
        var ranking = WeakSpotRanking.Of(Demo, Aim.Points, Against.Usual);
        var proposal = Propose(Demo);
        Assert.Equal(3, proposal.Sets.Count);
        Assert.Equal(ranking.Spots[0].Way, proposal.Sets[0].Focuses[0].Way.OnBothSides());
        Assert.Equal(3, proposal.Sets.Select(s => s.Focuses[0].Way).Distinct().Count());
        foreach (var set in proposal.Sets)
        {
            Assert.InRange(set.Focuses.Count, 1, Proposing.Most);
            Assert.Equal(set.GainPerRoll, set.Focuses.Sum(f => f.GainPerRoll), 9);
            Assert.InRange(set.GainPerRoll, set.Low, set.High);
        }
        Assert.NotEmpty(proposal.Behind);
        Assert.All(proposal.Behind, b => Assert.DoesNotContain(proposal.Sets[0].Focuses, f => f.Way == b.Way));
    }

    [Fact]
    public void What_was_drilled_lately_rests_and_comes_back_later()
    {
        var first = Propose(Demo).Sets[0].Focuses[0].Way;
        var rested = Propose(Demo, drilled: [new Drilled(first, Start.AddDays(-10))]);
        Assert.NotEqual(first, rested.Sets[0].Focuses[0].Way);
        Assert.Contains(rested.Behind, b => b.Way == first && b.Why.Contains("drilled until 20 November", StringComparison.Ordinal));
        Assert.Equal(first, Propose(Demo, drilled: [new Drilled(first, Start.AddDays(-60))]).Sets[0].Focuses[0].Way);
    }

    [Fact]
    public void Nothing_barred_or_sore_is_proposed()
    {
        var week = Week with { Sore = [.. Enum.GetValues<SorePlace>().Select(p => new SoreSpot(p, false, Start))] };
        var proposal = Propose(Demo, week);
        Assert.All(proposal.Sets.SelectMany(s => s.Focuses), f => Assert.Null(RuledOut.Why(f.Way, Demo.Log.Practitioner, week, Mat)));
        Assert.Contains(proposal.Behind, b => b.Why.Contains("is sore", StringComparison.Ordinal));
    }

    [Fact]
    public void Without_rolls_or_with_all_ruled_out_it_says_why_there_is_nothing()
    {
        Assert.StartsWith("Nothing is logged yet", Propose(Experience.Of(new Log(), Mat)).None, StringComparison.Ordinal);
        var heel = new Notch
        {
            By = Who.Me,
            Move = new("inside-heel-hook"),
            From = new("saddle/attacking"),
            Outcome = Outcome.Tap,
        };
        var barred = Propose(Experience.Of(Trade.LogOf(Enumerable.Repeat(heel, 8)), Mat));
        Assert.Empty(barred.Sets);
        Assert.Contains("ruled out", barred.None, StringComparison.Ordinal);
        Assert.Contains("Heel hooks", Assert.Single(barred.Behind).Why, StringComparison.Ordinal);
    }

    [Fact]
    public void What_was_hardly_seen_is_to_be_found_out_first()
    {
        var proposal = Propose(Experience.Of(Trade.LogOf([Trade.KneeCut, Trade.KneeCut]), Mat));
        var focus = Assert.Single(Assert.Single(proposal.Sets).Focuses);
        Assert.True(focus.FindOut);
        Assert.Contains("Find out first", proposal.Sets[0].Why, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(1, 9, BodySide.Left)]
    [InlineData(9, 1, BodySide.Right)]
    [InlineData(5, 5, null)]
    public void A_focus_is_on_the_side_that_fails_where_the_record_shows_one(int left, int right, BodySide? worse)
    {
        var sweep = new Notch
        {
            By = Who.Me,
            Move = new("scissor-sweep"),
            From = new("closed-guard/bottom"),
            To = new("mount/top"),
            Outcome = Outcome.Landed,
        };
        IEnumerable<Notch> On(BodySide side, int came) =>
            Enumerable.Range(0, 10).Select(i => sweep with { Side = side, Outcome = i < came ? Outcome.Landed : Outcome.Stopped });
        var experience = Experience.Of(Trade.LogOf([.. On(BodySide.Left, left), .. On(BodySide.Right, right)]), Mat);
        Assert.Equal(worse, WorseSide.Of(new Way(sweep.From!.Value, Who.Me, sweep.Move), experience));
        Assert.Equal(worse, Propose(experience).Sets[0].Focuses[0].Way.Side);
    }
}
