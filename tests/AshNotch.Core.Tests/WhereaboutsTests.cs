using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>Where a roll stands is decided once.</summary>
public class WhereaboutsTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;

    private static Notch Notch(Who by, string? move, string? from, string? to, Outcome outcome = Outcome.Landed) =>
        new()
        {
            By = by,
            Move = MoveId.Of(move),
            From = PlaceId.Of(from),
            To = PlaceId.Of(to),
            Outcome = outcome,
        };

    [Fact]
    public void An_exchange_starts_where_it_is_told_to_or_where_its_first_notch_does()
    {
        var notch = Notch(Who.Me, "knee-cut-pass", "half-guard/top", null);
        Assert.Equal("mount/top", Whereabouts.StartOf(new Exchange { Start = new("mount/top"), Notches = [notch] })?.Value);
        Assert.Equal("half-guard/top", Whereabouts.StartOf(new Exchange { Notches = [notch] })?.Value);
        Assert.Null(Whereabouts.StartOf(new Exchange()));
    }

    [Theory]
    [InlineData(Who.Me, "knee-cut-pass", "half-guard/top", null, Outcome.Landed, "side-control/top")]
    [InlineData(Who.Partner, "knee-cut-pass", "half-guard/bottom", null, Outcome.Landed, "side-control/bottom")]
    [InlineData(Who.Partner, "knee-cut-pass", "half-guard/bottom", "mount/bottom", Outcome.Landed, "mount/bottom")]
    [InlineData(Who.Me, "knee-cut-pass", "half-guard/top", null, Outcome.Stopped, null)]
    [InlineData(Who.Me, "knee-cut-pass", "half-guard/top", "half-guard/top", Outcome.Landed, null)]
    [InlineData(Who.Me, "armbar", "mount/top", null, Outcome.Landed, null)]
    [InlineData(Who.Me, null, "mount/top", null, Outcome.Landed, null)]
    public void A_landing_leads_where_it_is_told_to_or_where_its_move_usually_does(
        Who by,
        string? move,
        string from,
        string? to,
        Outcome outcome,
        string? leads
    ) => Assert.Equal(leads, Whereabouts.LedTo(Notch(by, move, from, to, outcome), Mat)?.Value);

    [Fact]
    public void What_does_not_land_leaves_the_two_where_it_was_tried()
    {
        var stopped = Notch(Who.Me, "scissor-sweep", "closed-guard/bottom", "mount/top", Outcome.Stopped);
        Assert.Equal("closed-guard/bottom", Whereabouts.After(stopped, new("standing"), Mat)?.Value);
        Assert.Equal("standing", Whereabouts.After(stopped with { From = null }, new("standing"), Mat)?.Value);
    }

    [Fact]
    public void A_roll_stands_where_its_last_notch_led_until_the_exchange_ends()
    {
        var exchange = new Exchange
        {
            Start = new("closed-guard/bottom"),
            Notches = [Notch(Who.Me, "scissor-sweep", "closed-guard/bottom", "mount/top")],
        };
        Assert.Equal("mount/top", Whereabouts.Now([exchange], Mat)?.Value);
        Assert.Null(Whereabouts.Now([exchange with { End = ExchangeEnd.Tap }], Mat));
        Assert.Null(Whereabouts.Now([], Mat));
    }

    [Fact]
    public void A_move_told_from_elsewhere_starts_at_the_one_place_near_by_that_allows_it()
    {
        var armbar = Mat.Move(new MoveId("knee-cut-pass"))!;
        var half = Mat.Place(new PlaceId("half-guard/top"))!;
        Assert.Equal(half, Landing.Start(armbar, Who.Me, half));
        // A takedown does not start on the ground.
        var takedown = Mat.Move(new MoveId("double-leg"))!;
        Assert.NotEqual(half, Landing.Start(takedown, Who.Me, half));
    }
}
