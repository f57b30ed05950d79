using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class ReachTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;
    private static readonly PlaceId Mount = new("mount/top");
    private static readonly PlaceId Side = new("side-control/top");

    private static Notch By(Who by, string move, PlaceId from, PlaceId? to, Outcome outcome = Outcome.Landed) =>
        new()
        {
            By = by,
            Move = new(move),
            From = from,
            To = to,
            Outcome = outcome,
        };

    private static readonly Notch Step = By(Who.Me, "step-over-to-mount", Side, Mount);
    private static readonly Notch Stopped = By(Who.Me, "step-over-to-mount", Side, null, Outcome.Stopped);
    private static readonly Notch Armbar = By(Who.Me, "armbar", Mount, null, Outcome.Tap);
    private static readonly Notch Bridge = By(Who.Partner, "bridge-and-roll", Mount, new("closed-guard/bottom"));

    private static Reach MountOf(params Notch[] roll)
    {
        var log = Trade.LogOf(Enumerable.Repeat(roll, 30).SelectMany(n => n));
        return Reach.Of(Experience.Of(log, Mat), Aim.Finish, Against.Even).Single(r => r.Place == Mount);
    }

    [Fact]
    public void Who_seldom_gets_there_has_the_getting_there_to_work_on()
    {
        var seldom = MountOf(Stopped, Stopped, Stopped, Stopped, Stopped, Step, Armbar);
        Assert.Equal((30, 30, 30), (seldom.Reached, seldom.Mine, seldom.All));
        Assert.True(seldom.ReachGain > seldom.ConvertGain);
        Assert.Contains("(30 logged)", seldom.Say, StringComparison.Ordinal);
    }

    [Fact]
    public void Who_gets_there_and_is_thrown_off_has_the_rest_to_work_on()
    {
        var often = MountOf(Step, Bridge, Step, Bridge, Step, Bridge, Step, Armbar);
        Assert.Equal((120, 30, 120), (often.Reached, often.Mine, often.All));
        Assert.True(often.ConvertGain > often.ReachGain);
        // Wilson's range of 30 in 120 that holds four times in five.
        Assert.Contains("30 were yours: likely 20 to 30 in 100", often.Say, StringComparison.Ordinal);
    }

    [Fact]
    public void Getting_better_at_all_ways_there_is_what_solving_afresh_says()
    {
        var experience = Experience.Of(DemoTests.Log, Mat);
        var chain = experience.Model.Expected(Against.Usual);
        var rewards = Reward.Of(Aim.Points, Mat, chain.Shape);
        var reach = Reach.Of(experience, Aim.Points, Against.Usual)[0];
        var changes = chain
            .Shape.Exits.Where(e => e.Key.By == Who.Me && e.Key.To == reach.Place && e.Key.Move is not null)
            .Select(e => (e.From, Key: (chain.Shape.Places[e.From], e.Key)));
        Assert.NotEmpty(changes);
        Assert.True(reach.ReachGain > 0 && reach.PerRoll > 0);
        var place = chain.Shape.IndexOf(reach.Place);
        var mine = chain.Shape.ExitsOf(place).Where(e => chain.Shape.Exits[e].Key.By == Who.Me).ToList();
        var better = ChainValue.Solve(chain.WithOdds(place, mine, 2), rewards).PerRoll - ChainValue.Solve(chain, rewards).PerRoll;
        Assert.Equal(better, reach.ConvertGain, 9);
    }

    [Fact]
    public void Places_that_are_hardly_known_or_bad_are_left_out()
    {
        Assert.Empty(Reach.Of(Experience.Of(new Log(), Mat), Aim.Points, Against.Usual));
        Assert.All(
            Reach.Of(Experience.Of(DemoTests.Log, Mat), Aim.Points, Against.Usual),
            r => Assert.True(Mat.Place(r.Place)!.Control > 0)
        );
    }
}
