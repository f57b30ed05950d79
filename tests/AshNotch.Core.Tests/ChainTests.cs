using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using MathNet.Numerics.LinearAlgebra;

namespace AshNotch.Core.Tests;

public class ChainTests
{
    // A chain of plain places: exits as (from, to, probability), where to is -1 for a tap. A roll here ends only by chance.
    private static RollChain Chain(int places, double ends, double[] start, params (int From, int To, double P)[] exits)
    {
        var sorted = exits.OrderBy(e => e.From).ToList();
        var shape = new ChainShape(
            [.. Enumerable.Range(0, places).Select(i => new PlaceId($"p{i}"))],
            sorted.Select(
                (e, k) => new ChainExit(new ExitKey(Who.Me, new($"m{k}"), e.To < 0 ? null : new PlaceId($"p{e.To}")), e.From, e.To)
            )
        );
        return new RollChain(shape, [.. sorted.Select(e => e.P)], start, ends);
    }

    private static ChainValue Solve(RollChain chain, Func<ChainExit, double> reward) =>
        ChainValue.Solve(chain, [.. chain.Shape.Exits.Select(reward)]);

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
            var absorbed = Solve(fit, exit => exit.To == 0 ? 1 : 0);
            Assert.Equal(home[from - 1], absorbed.PerRoll, 6);
            for (var to = 1; to <= 3; to++)
                Assert.Equal(n[from - 1][to - 1], absorbed.Visits(to), 6);
            var steps = Solve(fit, _ => 1);
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
        var value = Solve(Chain(n + 1, 1e-12, start, exits), exit => exit.To == n ? 1 : 0);
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
        double Worth(ChainExit exit) => (exit.To + 2) * 0.7 - exit.From % 3;
        var chain = Chain(Places, 0.1, start, [.. exits]);
        var before = Solve(chain, Worth);
        foreach (var odds in (double[])[0.5, 2, 0.01])
        {
            for (var place = 0; place < Places; place++)
            {
                int[] chosen = [.. chain.Shape.ExitsOf(place).Where((_, k) => k is 1 or 3)];
                var p = chosen.Sum(e => chain.Chances[e]);
                var scale = 1 / (1 - p + odds * p);
                var changed = (double[])chain.Chances.Clone();
                foreach (var e in chain.Shape.ExitsOf(place))
                    changed[e] *= scale * (chosen.Contains(e) ? odds : 1);
                var after = Solve(chain with { Chances = changed }, Worth);
                Assert.Equal(after.PerRoll - before.PerRoll, before.WhenOddsChange(place, chosen, odds).Gain, 9);
            }
        }
    }

    /// <summary>The gain of a very small change, over its size, against the derivative by finite differences.</summary>
    [Fact]
    public void A_small_gain_is_the_derivative()
    {
        var chain = Chain(3, 0.1, [1, 0, 0], (0, 1, 0.3), (0, 2, 0.2), (1, -1, 0.25), (1, 0, 0.3), (2, 0, 0.4));
        double[] rewards = [1, -2, 10, 0, 1];
        var value = ChainValue.Solve(chain, rewards);
        double At(double odds) => value.WhenOddsChange(0, [0], odds).Gain;
        const double Small = 1e-4;
        var slope = (At(1 + Small) - At(1 - Small)) / (2 * Small);
        // d(rate)/d(odds) at 1 is p(1-p); what a unit of rate is worth comes from two solves further apart.
        double Solved(double p)
        {
            var rest = (1 - p) / (1 - 0.3);
            return ChainValue.Solve(chain with { Chances = [p, 0.2 * rest, 0.25, 0.3, 0.4] }, rewards).PerRoll;
        }
        Assert.Equal((Solved(0.3001) - Solved(0.2999)) / 0.0002 * 0.3 * 0.7, slope, 5);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public void The_inverse_by_hand_is_the_librarys(int seed)
    {
        var random = new Random(seed);
        const int Size = 30;
        var rows = new double[Size * Size];
        for (var i = 0; i < Size; i++)
        {
            var left = 0.95;
            for (var j = 0; j < Size; j++)
            {
                var share = left * random.NextDouble() / 3;
                left -= share;
                rows[i * Size + j] = (i == j ? 1 : 0) - share;
            }
        }
        // Row after row is column after column of the transpose, and the inverse of that is the transpose of the inverse.
        var library = Matrix<double>.Build.Dense(Size, Size, (double[])rows.Clone()).Inverse().ToColumnMajorArray();
        DominantInverse.Of(rows, Size);
        Assert.All(rows.Zip(library), p => Assert.Equal(p.Second, p.First, 9));
    }

    [Fact]
    public void With_nothing_logged_neither_side_is_ahead_and_nothing_is_ranked()
    {
        var vocabulary = MatVocabulary.BuiltIn;
        var model = SkillModel.Of(Walk.Empty, new Practitioner(), vocabulary);
        var rewards = Reward.Of(Aim.Points, vocabulary, model.Shape);
        Assert.Equal(0, ChainValue.Solve(model.Expected(Against.Usual), rewards).PerRoll, 9);
        Assert.Empty(WeakSpotRanking.Of(new Log(), vocabulary, Aim.Points).Spots);
    }
}
