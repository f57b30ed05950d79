using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Grain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class GrainTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;
    private static readonly Experience Demo = Experience.Of(DemoTests.Log, Mat);
    private static readonly WhatIf HalfTheirKneeCuts = new(new Way(new("half-guard/bottom"), Who.Partner, new("knee-cut-pass")), 0.5);

    private static GrainMap Map(params WhatIf[] changes) => GrainMap.Of(Demo, Aim.Points, Against.Usual, changes);

    [Fact]
    public void Rare_places_fold_into_their_family_so_that_it_stays_readable()
    {
        var map = Map();
        var folded = map.Knots.Where(k => k.Name.StartsWith("other ", StringComparison.Ordinal)).ToList();
        Assert.InRange(map.Knots.Count - folded.Count, 10, 18);
        Assert.NotEmpty(folded);
        Assert.All(folded, k => Assert.NotEmpty(k.Places));
        Assert.Equal(map.Knots.Count, map.Knots.Select(k => k.Id).Distinct().Count());
        var places = map.Knots.SelectMany(k => k.Places).ToList();
        Assert.Equal(places.Count, places.Distinct().Count());
    }

    [Fact]
    public void What_flows_into_a_place_is_about_what_flows_out_of_it()
    {
        var map = Map();
        var mount = map.Knots.Single(k => k.Id == "mount/top");
        var comesIn = map.Flows.Where(f => f.To == mount.Id).Sum(f => f.PerRoll);
        var goesOut = map.Flows.Where(f => f.From == mount.Id).Sum(f => f.PerRoll);
        // The rest of it is where rolls end.
        Assert.InRange(goesOut, 0.3 * comesIn, comesIn);
        Assert.All(map.Flows, f => Assert.True(f.Low <= f.High && f.Low >= 0));
        Assert.True(map.Flows.Zip(map.Flows.Skip(1)).All(p => p.First.PerRoll >= p.Second.PerRoll));
    }

    [Fact]
    public void The_taps_stand_at_the_ends_and_better_places_higher()
    {
        var map = Map();
        Assert.Equal((4, -4), (map.Knots.Single(k => k.Id == Knot.IFinish).Band, map.Knots.Single(k => k.Id == Knot.TheyFinish).Band));
        int Band(string id) => map.Knots.Single(k => k.Id == id).Band;
        Assert.True(Band("back-control/top") > Band("half-guard/top") && Band("half-guard/top") > Band("side-control/bottom"));
        Assert.Equal(0, Band("standing/neutral"));
    }

    [Fact]
    public void What_if_is_the_gain_of_the_exchange_and_doing_nothing_changes_nothing()
    {
        var rewards = Reward.Of(Aim.Points, Mat, Demo.Model.Shape);
        var value = ChainValue.Solve(Demo.Model.Expected(Against.Usual), rewards);
        var candidate = Candidate.Of(Demo.Walk).Single(c => c.Way == HalfTheirKneeCuts.Way);
        var gain = value.WhenOddsChange(Demo.Model.Shape.IndexOf(candidate.Way.From), Demo.Model.Shape.ExitsOf(candidate.Way), 0.5).Gain;
        var answer = WhatIfAnswer.Of(Demo, Aim.Points, Against.Usual, [HalfTheirKneeCuts]);
        Assert.Equal(gain, answer.After - answer.Before, 9);
        Assert.Contains("instead of", answer.Say, StringComparison.Ordinal);
        Assert.NotEmpty(answer.First);
        Assert.Equal(Map().ValuePerRoll, Map(HalfTheirKneeCuts with { Odds = 1 }).ValuePerRoll, 12);
    }

    [Fact]
    public void Several_changes_of_one_place_and_unknown_ones_are_thought_through()
    {
        var twice = new WhatIf(HalfTheirKneeCuts.Way with { By = Who.Me, Move = new("old-school-sweep") }, 2);
        var unknown = HalfTheirKneeCuts with { Way = HalfTheirKneeCuts.Way with { From = new("nowhere/top") } };
        var one = Map(HalfTheirKneeCuts).ValuePerRoll;
        Assert.True(Map(HalfTheirKneeCuts, twice).ValuePerRoll > one && one > Map().ValuePerRoll);
        Assert.Equal(one, Map(HalfTheirKneeCuts, unknown).ValuePerRoll, 12);
    }

    [Fact]
    public void A_place_opens_into_its_moves_with_their_counts()
    {
        var ways = Map().Ways.Where(w => w.Way.From.Value == "half-guard/bottom" && w.Way.By == Who.Partner).ToList();
        Assert.Equal("knee-cut-pass", ways[0].Way.Move?.Value);
        Assert.All(ways, w => Assert.InRange(w.Count, 0, w.Attempts));
    }

    [Fact]
    public void A_finish_that_nobody_named_is_a_way_out_too()
    {
        var finish = new Notch
        {
            By = Who.Partner,
            From = new("mount/bottom"),
            Outcome = Outcome.Tap,
        };
        var map = GrainMap.Of(Experience.Of(Trade.LogOf([finish, finish]), MatVocabulary.BuiltIn), Aim.Points, Against.Usual, []);
        Assert.Contains(map.Ways, w => w.Say == "finish" && w.Count == 2);
    }

    [Fact]
    public void Without_rolls_there_is_only_the_book()
    {
        var map = GrainMap.Of(Experience.Of(new Log(), Mat), Aim.Points, Against.Usual, []);
        Assert.All(map.Knots, k => Assert.Equal(0, k.Seen));
        Assert.Empty(map.Ways);
    }
}
