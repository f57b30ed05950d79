using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class StickTests
{
    private static Notch Notch(Who by, string from, string? to, Outcome outcome, int? at = null) =>
        new()
        {
            By = by,
            Move = new("knee-cut-pass"),
            From = PlaceId.Of(from),
            To = PlaceId.Of(to),
            Outcome = outcome,
            At = RollTime.Of(at),
        };

    [Fact]
    public void The_split_line_runs_high_on_top_and_low_beneath_and_depth_is_weight()
    {
        Exchange[] exchanges =
        [
            new()
            {
                Start = new("half-guard/top"),
                End = ExchangeEnd.Reset,
                Notches =
                [
                    Notch(Who.Me, "half-guard/top", null, Outcome.Stopped),
                    Notch(Who.Me, "half-guard/top", "side-control/top", Outcome.Landed),
                ],
            },
            new()
            {
                Start = new("mount/bottom"),
                End = ExchangeEnd.Tap,
                Notches = [Notch(Who.Partner, "mount/bottom", null, Outcome.Near), Notch(Who.Partner, "mount/bottom", null, Outcome.Tap)],
            },
        ];
        var stick = Stick.Of(exchanges, MatVocabulary.BuiltIn);
        var cuts = stick.Exchanges.SelectMany(e => e.Cuts).ToList();
        Assert.Equal([CutDepth.Nick, CutDepth.Cut, CutDepth.Half, CutDepth.Through], cuts.Select(c => c.Depth));
        Assert.True(cuts[1].Level > cuts[0].Level && cuts[0].Level > 0 && stick.Exchanges[1].Level < 0);
        Assert.Equal(-1, cuts[3].Level);
        Assert.Equal(cuts.Select(c => c.X).Order(), cuts.Select(c => c.X));
        Assert.InRange(stick.Exchanges[0].EndX, cuts[1].X, cuts[2].X);
        Assert.Equal("They nearly had the knee cut pass, from their mount", cuts[2].Words);
    }

    [Fact]
    public void Known_times_set_the_distances()
    {
        Exchange[] exchanges =
        [
            new()
            {
                Notches =
                [
                    Notch(Who.Me, "half-guard/top", null, Outcome.Stopped, 10),
                    Notch(Who.Me, "half-guard/top", null, Outcome.Stopped, 20),
                    Notch(Who.Me, "half-guard/top", null, Outcome.Stopped, 100),
                ],
            },
        ];
        var x = Stick.Of(exchanges, MatVocabulary.BuiltIn).Exchanges[0].Cuts.Select(c => c.X).ToList();
        Assert.Equal(8, (x[2] - x[1]) / (x[1] - x[0]), 6);
    }
}
