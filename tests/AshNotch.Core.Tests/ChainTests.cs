using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class ChainTests
{
    // A chain of plain places: exits as (from, to, probability), where to is -1 for a tap. A roll here ends only by chance.
    private static ChainFit Chain(int places, double ends, double[] start, params (int From, int To, double P)[] exits) =>
        new(
            [
                .. Enumerable
                    .Range(0, places)
                    .Select(i => new FittedPlace(
                        new($"p{i}"),
                        [
                            .. exits
                                .Where(e => e.From == i)
                                .Select(
                                    (e, k) =>
                                        new FittedExit(
                                            new ExitKey(Who.Me, new($"m{k}"), e.To < 0 ? null : new PlaceId($"p{e.To}")),
                                            e.To,
                                            e.P
                                        )
                                ),
                        ],
                        1
                    )),
            ],
            start,
            ends
        );

    /// <summary>
    /// Grinstead and Snell, Introduction to Probability, ch. 11, examples 11.13 to 11.16: the drunkard's walk on five corners, started in
    /// the middle.
    /// </summary>
    [Fact]
    public void The_drunkards_walk_visits_and_is_absorbed_as_published()
    {
        // Corners 1, 2, 3 between home (0) and bar (4). Being absorbed is being stuck in 0 or 4, worth nothing more.
        (int, int, double)[] walk = [(1, 0, 0.5), (1, 2, 0.5), (2, 1, 0.5), (2, 3, 0.5), (3, 2, 0.5), (3, 4, 0.5)];
        const double Never = 1e-12;
        double[][] n =
        [
            [1.5, 1, 0.5],
            [1, 2, 1],
            [0.5, 1, 1.5],
        ];
        double[] times = [3, 4, 3];
        double[] home = [0.75, 0.5, 0.25];
        for (var from = 1; from <= 3; from++)
        {
            var start = new double[5];
            start[from] = 1;
            // The corners 0 and 4 stay where they are for ever; their own visits are not asked for.
            var fit = Chain(5, Never, start, walk);
            var absorbed = ChainValue.Solve(fit, (place, exit) => exit.To == 0 ? 1 : 0);
            Assert.Equal(home[from - 1], absorbed.PerRoll, 6);
            for (var to = 1; to <= 3; to++)
                Assert.Equal(n[from - 1][to - 1], absorbed.Visits(to), 6);
            var steps = ChainValue.Solve(fit, (_, _) => 1);
            Assert.Equal(times[from - 1], steps.PerRoll, 6);
        }
    }

    /// <summary>
    /// Gambler's ruin in closed form (Feller, An Introduction to Probability Theory, vol. 1, ch. XIV): from k of N, winning each bet with
    /// p.
    /// </summary>
    [Theory]
    [InlineData(0.45, 3, 8)]
    [InlineData(0.6, 2, 10)]
    public void Gamblers_ruin_has_its_closed_form(double p, int k, int n)
    {
        var exits = Enumerable.Range(1, n - 1).SelectMany(i => new[] { (i, i + 1, p), (i, i - 1, 1 - p) }).ToArray();
        var start = new double[n + 1];
        start[k] = 1;
        var value = ChainValue.Solve(Chain(n + 1, 1e-12, start, exits), (place, exit) => exit.To == n ? 1 : 0);
        var q = (1 - p) / p;
        Assert.Equal((1 - Math.Pow(q, k)) / (1 - Math.Pow(q, n)), value.PerRoll, 6);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void The_rank_one_gain_equals_solving_afresh(int seed)
    {
        var random = new Random(seed);
        const int Places = 12;
        var exits = new List<(int, int, double)>();
        for (var i = 0; i < Places; i++)
        {
            var weights = Enumerable.Range(0, 4).Select(_ => random.NextDouble()).ToArray();
            var stay = 0.2 + random.NextDouble();
            for (var e = 0; e < 4; e++)
                exits.Add((i, e == 3 ? -1 : random.Next(Places), weights[e] / (weights.Sum() + stay)));
        }
        var start = Enumerable.Range(0, Places).Select(_ => random.NextDouble()).ToArray();
        start = [.. start.Select(s => s / start.Sum())];
        double Worth(FittedPlace place, FittedExit exit) => (exit.To + 2) * 0.7 - place.Place.Value.Length;
        var fit = Chain(Places, 0.1, start, [.. exits]);
        var before = ChainValue.Solve(fit, Worth);
        foreach (var odds in (double[])[0.5, 2, 0.01])
        {
            for (var place = 0; place < Places; place++)
            {
                bool Chosen(FittedExit e) => e.Key.Move?.Value is "m1" or "m3";
                var p = fit.Places[place].Exits.Where(Chosen).Sum(e => e.Probability);
                var scale = 1 / (1 - p + odds * p);
                var changed = fit.Places[place] with
                {
                    Exits =
                    [
                        .. fit.Places[place].Exits.Select(e => e with { Probability = e.Probability * scale * (Chosen(e) ? odds : 1) }),
                    ],
                };
                var after = ChainValue.Solve(fit with { Places = [.. fit.Places.Select((x, i) => i == place ? changed : x)] }, Worth);
                Assert.Equal(after.PerRoll - before.PerRoll, before.WhenOddsChange(place, Chosen, odds).Gain, 9);
            }
        }
    }

    [Fact]
    public void Exits_of_every_fitted_place_leave_room_to_stay_and_never_pass_one()
    {
        var fit = ChainFit.Of(
            Walk.Of(DemoTests.Log, MatVocabulary.BuiltIn),
            Book.Of(MatVocabulary.BuiltIn),
            MatVocabulary.BuiltIn.Places.Select(p => p.Id)
        );
        Assert.All(fit.Places, p => Assert.InRange(p.Exits.Sum(e => e.Probability), 0, 1 - 1e-9));
        Assert.Equal(1, fit.Start.Sum(), 12);
    }

    [Fact]
    public void With_nothing_logged_neither_side_is_ahead_and_nothing_is_ranked()
    {
        var fit = ChainFit.Of(new Walk([], [], [], 0), Book.Of(MatVocabulary.BuiltIn), MatVocabulary.BuiltIn.Places.Select(p => p.Id));
        Assert.Equal(0, ChainValue.Solve(fit, Aim.Points, Scoring.Ruleset.Federation, MatVocabulary.BuiltIn).PerRoll, 9);
        Assert.Empty(WeakSpotRanking.Of(new Log(), MatVocabulary.BuiltIn, Aim.Points).Spots);
    }

    [Fact]
    public void The_order_of_the_places_changes_nothing()
    {
        var walk = Walk.Of(DemoTests.Log, MatVocabulary.BuiltIn);
        var ids = MatVocabulary.BuiltIn.Places.Select(p => p.Id).ToList();
        double Value(IEnumerable<PlaceId> order) =>
            ChainValue
                .Solve(
                    ChainFit.Of(walk, Book.Of(MatVocabulary.BuiltIn), order),
                    Aim.Balanced,
                    Scoring.Ruleset.Federation,
                    MatVocabulary.BuiltIn
                )
                .PerRoll;
        Assert.Equal(Value(ids), Value(Enumerable.Reverse(ids)), 9);
    }
}
