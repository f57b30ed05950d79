using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class TurningPointTests
{
    private static readonly PlaceValues Values = PlaceValues.Of(Experience.Of(DemoTests.Log, MatVocabulary.BuiltIn), Aim.Points);

    private static Notch By(Who by, string move, string from, string? to, Outcome outcome = Outcome.Landed) =>
        new()
        {
            By = by,
            Move = new(move),
            From = new(from),
            To = PlaceId.Of(to),
            Outcome = outcome,
        };

    private static readonly Notch Pull = By(Who.Me, "guard-pull", "standing", "half-guard/bottom");
    private static readonly Notch Passed = By(Who.Partner, "knee-cut-pass", "half-guard/bottom", "side-control/bottom");
    private static readonly Notch Choked = By(Who.Partner, "cross-collar-choke", "side-control/bottom", null, Outcome.Tap);

    [Fact]
    public void The_tap_is_the_symptom_and_the_pass_before_it_the_turning_point() =>
        Assert.Equal(1, TurningPoints.Of(new Exchange { Start = PlaceId.Standing, Notches = [Pull, Passed, Choked] }, Values));

    [Fact]
    public void Where_it_went_my_way_the_rise_counts()
    {
        var sweep = By(Who.Me, "old-school-sweep", "half-guard/bottom", "side-control/top");
        var tap = By(Who.Me, "armbar", "side-control/top", null, Outcome.Tap);
        Assert.Equal(1, TurningPoints.Of(new Exchange { Start = PlaceId.Standing, Notches = [Pull, sweep, tap] }, Values));
    }

    [Fact]
    public void What_led_nowhere_turned_nothing()
    {
        Assert.Null(TurningPoints.Of(new Exchange(), Values));
        Assert.Null(TurningPoints.Of(new Exchange { Notches = [Passed with { Outcome = Outcome.Stopped }] }, Values));
        Assert.Null(TurningPoints.Of(new Exchange { Notches = [Passed with { From = null, To = new("somewhere/new") }] }, Values));
    }

    [Fact]
    public void The_stick_carries_the_knot_and_says_so()
    {
        var roll = new Roll { Id = "r", Exchanges = [new Exchange { Start = PlaceId.Standing, Notches = [Pull, Passed, Choked] }] };
        var cuts = TurningPoints.Knotted(roll.Exchanges, Values).Exchanges[0].Cuts;
        Assert.Equal([false, true, false], cuts.Select(c => c.Turns));
        Assert.EndsWith("Here it turned", cuts[1].Words, StringComparison.Ordinal);
    }

    [Fact]
    public void What_is_looked_for_is_marked_on_the_stick()
    {
        IReadOnlyList<Exchange> exchanges = [new Exchange { Notches = [Pull, Passed] }, new Exchange { Notches = [Passed, Choked] }];
        var stick = Stick.Of(exchanges, MatVocabulary.BuiltIn).Marked(exchanges, n => n.Move == Passed.Move);
        Assert.Equal([false, true, true, false], stick.Exchanges.SelectMany(e => e.Cuts).Select(c => c.Marked));
    }
}
