using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>What the model makes of partners, of forgetting and of thin data.</summary>
public class SkillModelTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;

    private static readonly Notch Sweep = new()
    {
        By = Who.Me,
        Move = new("old-school-sweep"),
        From = new("half-guard/bottom"),
        To = new("side-control/top"),
        Outcome = Outcome.Landed,
    };

    private static double Passed(RollChain chain) =>
        chain
            .Shape.ExitsOf(chain.Shape.IndexOf(new("half-guard/bottom")))
            .Where(e => chain.Shape.Exits[e].Key.By == Who.Partner)
            .Sum(e => chain.Chances[e]);

    private static Log Against(Belt belt, string partner, IEnumerable<Notch> notches)
    {
        var log = Trade.LogOf(notches);
        return log with
        {
            Practitioner = new Practitioner { Belt = Belt.Blue },
            Sessions =
            [
                .. log.Sessions.Select(s =>
                    s with
                    {
                        Rolls = [.. s.Rolls.Select(r => r with { Partner = partner, PartnerThen = new(belt, 0, null, null) })],
                    }
                ),
            ],
        };
    }

    [Fact]
    public void What_black_belts_do_is_less_of_a_weakness_than_what_white_belts_do()
    {
        Notch[] notches =
        [
            .. Enumerable.Repeat(Trade.KneeCut, 12),
            .. Enumerable.Repeat(Trade.KneeCut with { Outcome = Outcome.Stopped }, 12),
        ];
        double Even(Belt belt) => Passed(Trade.Model(Against(belt, "p", notches)).Expected(Core.Skill.Against.Even));
        Assert.True(Even(Belt.Black) < Even(Belt.Blue) && Even(Belt.Blue) < Even(Belt.White));
    }

    [Fact]
    public void One_tough_regular_does_not_make_a_weakness()
    {
        Notch[] stopped = [.. Enumerable.Repeat(Trade.KneeCut with { Outcome = Outcome.Stopped }, 30)];
        Notch[] passes = [.. Enumerable.Repeat(Trade.KneeCut, 30)];
        var one = Join(Against(Belt.Blue, "tough", passes), Against(Belt.Blue, "a", stopped), Against(Belt.Blue, "b", stopped));
        var all = Join(
            Against(Belt.Blue, "tough", [.. passes[..10], .. stopped[..20]]),
            Against(Belt.Blue, "a", [.. passes[..10], .. stopped[..20]]),
            Against(Belt.Blue, "b", [.. passes[..10], .. stopped[..20]])
        );
        double Even(Log log) => Passed(Trade.Model(log).Expected(Core.Skill.Against.Even));
        Assert.True(Even(one) < Even(all));
    }

    [Fact]
    public void What_a_gap_in_the_telling_leaves_out_is_estimated()
    {
        var random = new Random(5);
        var rolls = Enumerable
            .Range(0, 400)
            .Select(i =>
            {
                var notches = new List<Notch>();
                var (now, after) = (Sweep.From, Sweep.To);
                for (var k = 0; k < 6; k++)
                {
                    if (random.NextDouble() < 0.6)
                        notches.Add(Sweep with { From = now, To = after });
                    (now, after) = (after, now);
                }
                return new Roll { Id = $"r{i}", Exchanges = [new Exchange { Start = Sweep.From, Notches = notches }] };
            });
        var log = new Log { Sessions = [new Session { Id = "s", Rolls = [.. rolls] }] };
        // Going back and forth, a gap of an even number of landings hides: of 1/0.6 true ones a written one, 0.6/(1-0.4²) are seen to join.
        Assert.InRange(Unwritten.Of(Walk.Of(log, Mat)).LandingShare, 0.66, 0.76);
        var complete = Trade.LogOf(Enumerable.Repeat(Sweep, 60));
        Assert.True(Unwritten.Of(Walk.Of(complete, Mat)).LandingShare > 0.9);
    }

    [Fact]
    public void Rolls_told_over_film_say_how_many_stops_the_others_leave_out()
    {
        Notch Timed(Notch notch) => notch with { At = new(30) };
        var stop = Sweep with { Outcome = Outcome.Stopped };
        var film = Enumerable.Repeat(Timed(Sweep), 50).Concat(Enumerable.Repeat(Timed(stop), 100));
        var told = Enumerable.Repeat(Sweep, 50).Concat(Enumerable.Repeat(stop, 30));
        var shares = Unwritten.Of(Walk.Of(Trade.LogOf(film.Concat(told)), Mat)).StopShares;
        Assert.InRange(shares[shares.Count / 2], 0.25, 0.35);
        var broad = Unwritten.Of(Walk.Of(Trade.LogOf(told), Mat)).StopShares;
        Assert.True(broad[^1] / broad[0] > shares[^1] / shares[0]);
    }

    [Fact]
    public void Two_lucky_throws_do_not_outrank_a_hundred_half_guards()
    {
        var lucky = new Notch
        {
            By = Who.Me,
            Move = new("sacrifice-throw"),
            From = PlaceId.Standing,
            To = new("mount/top"),
            Outcome = Outcome.Landed,
        };
        var log = Trade.LogOf([
            .. Enumerable.Repeat(Trade.KneeCut, 60),
            .. Enumerable.Repeat(Trade.KneeCut with { Outcome = Outcome.Stopped }, 40),
            lucky,
            lucky,
        ]);
        var spots = WeakSpotRanking.Of(log, Mat, Aim.Points).Spots;
        Assert.Equal("knee-cut-pass", spots[0].Way.Move?.Value);
        var rare = spots.First(s => s.Way.Move?.Value == "sacrifice-throw");
        Assert.True((rare.High - rare.Low) / rare.GainPerRoll > (spots[0].High - spots[0].Low) / spots[0].GainPerRoll);
    }

    [Fact]
    public void Twice_the_log_narrows_the_range()
    {
        var log = RandomLogs.Of(21, rolls: 60);
        var twice = Join(log, log);
        double Width(Log of) => WeakSpotRanking.Of(of, Mat, Aim.Points).Spots.Take(5).Average(s => (s.High - s.Low) / s.GainPerRoll);
        Assert.True(Width(twice) < Width(log));
    }

    [Fact]
    public void The_order_of_the_places_changes_nothing()
    {
        var log = DemoTests.Log;
        var walk = Walk.Of(log, Mat);
        var book = Book.Of(Mat);
        double[] Cells(IEnumerable<PlaceId> places)
        {
            var tally = Tally.Of(walk, log.Practitioner, book, places);
            var layout = new SkillLayout(tally, Mat);
            var mode = SkillFit.Of(tally, layout, (_, _) => -1, layout.Prior(new SkillPrior(0.7, 4, 0)));
            return [.. Mat.Places.Select(p => layout.At(tally.Shape.IndexOf(p.Id), Who.Me, mode.Numbers))];
        }
        var ids = Mat.Places.Select(p => p.Id).ToList();
        Assert.All(Cells(ids).Zip(Cells(Enumerable.Reverse(ids))), p => Assert.Equal(p.First, p.Second, 6));
    }

    [Fact]
    public void Draws_scatter_around_what_is_expected_and_come_again_alike()
    {
        var model = Trade.Model(DemoTests.Log);
        var rewards = Reward.Of(Aim.Points, Mat, model.Shape);
        double Value(RollChain chain) => ChainValue.Solve(chain, rewards).PerRoll;
        var drawn = Enumerable.Range(0, 60).Select(i => Value(model.Drawn(i, Core.Skill.Against.Usual))).ToList();
        var expected = Value(model.Expected(Core.Skill.Against.Usual));
        Assert.InRange(expected, drawn.Min(), drawn.Max());
        Assert.True(drawn.Distinct().Count() > 50);
        Assert.Equal(drawn[7], Value(model.Drawn(7, Core.Skill.Against.Usual)));
        Assert.All(
            Enumerable.Range(0, 10),
            i => Assert.All(model.Drawn(i, Core.Skill.Against.Usual).Chances, c => Assert.InRange(c, 0, 1))
        );
    }

    public static TheoryData<string, Log> Thin =>
        new()
        {
            { "no rolls", new Log() },
            { "one roll", Trade.LogOf([Trade.KneeCut]) },
            { "no places", Trade.LogOf([Trade.KneeCut with { From = null, To = null }, Trade.KneeCut with { From = null, To = null }]) },
            { "one partner", Against(Belt.White, "p", Enumerable.Repeat(Trade.KneeCut, 40)) },
            { "all unsure", Trade.LogOf(Enumerable.Repeat(Trade.KneeCut with { Unsure = true }, 8)) },
            { "only taps", Trade.LogOf(Enumerable.Repeat(Trade.KneeCut with { Outcome = Outcome.Tap, To = null }, 12)) },
            { "thousands with one", Against(Belt.Blue, "p", Enumerable.Repeat(Trade.KneeCut, 3000)) },
            { "a decade apart", Join(Trade.LogOf([Trade.KneeCut, Trade.KneeCut]), OnDay(new(2016, 3, 2), Trade.LogOf([Sweep, Sweep]))) },
            { "all black belts", Against(Belt.Black, "p", [Sweep, Sweep, .. Enumerable.Repeat(Trade.KneeCut, 9)]) },
        };

    [Theory]
    [MemberData(nameof(Thin), DisableDiscoveryEnumeration = true)]
    public void Thin_logs_are_answered_with_their_doubt(string what, Log log)
    {
        foreach (var aim in Enum.GetValues<Aim>())
        {
            var ranking = WeakSpotRanking.Of(log, Mat, aim);
            Assert.True(double.IsFinite(ranking.ValuePerRoll), what);
            Assert.All(
                ranking.Spots,
                s =>
                {
                    Assert.True(double.IsFinite(s.Low) && double.IsFinite(s.High) && s.Low <= s.High, what);
                    Assert.InRange(s.FirstShare, 0, 1);
                    Assert.InRange(s.Rate, 0, 1);
                }
            );
        }
    }

    private static Log OnDay(DateOnly day, Log log) => log with { Sessions = [.. log.Sessions.Select(s => s with { Date = day })] };

    private static Log Join(params Log[] logs) =>
        logs[0] with
        {
            Sessions =
            [
                .. logs.SelectMany(
                        (log, i) =>
                            log.Sessions.Select(s =>
                                s with
                                {
                                    Id = $"{i}-{s.Id}",
                                    Rolls = [.. s.Rolls.Select(r => r with { Id = $"{i}-{r.Id}" })],
                                }
                            )
                    )
                    .OrderBy(s => s.Date),
            ],
        };
}
