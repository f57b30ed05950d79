using AshNotch.Core.Skill;

namespace AshNotch.Core.Partners;

/// <summary>
/// What a sequence of tries says of a turn in it. The log odds of coming off are <c>level + edge + drift·s</c> elsewhere and
/// <c>level + edge + own + drift·s - fall·s</c> between the two, where the edge is what a partner takes off every move and s goes from 0 to 1 as a turn's shape says; so what falls everywhere is no
/// learning. Each fall held possible is weighed against none by its marginal likelihood (Laplace's approximation; Kass &amp; Raftery, Bayes
/// factors, JASA 1995).
/// </summary>
internal static class LearningEvidence
{
    private const int Numbers = 3;
    private const int Grades = 16;
    private const int MostRounds = 30;

    // Spread of the level, and of a drift that everybody shares. The authors' judgement.
    private const double Level = 1.5;
    private const double Drift = 1;

    // Edges are told apart to so much.
    private const double EdgeStep = 0.2;

    // Falls in log odds, and how likely each is beside the others: to a half, a third, a fifth and a tenth. The authors' judgement.
    private static readonly (double Fall, double Weight)[] Falls = [(0.6, 0.25), (1.1, 0.3), (1.6, 0.25), (2.3, 0.2)];

    /// <summary>How many times likelier what was seen is with a turn than without, and where it most likely was, as a share of the own tries.</summary>
    /// <param name="own">The tries between the two, in order.</param>
    /// <param name="others">Every other try: how many of the own had been made by then, as a share.</param>
    /// <param name="edges">What each partner adds to the log odds.</param>
    /// <param name="spread">How far a move goes better or worse with one partner than their edge lets expect, in log odds.</param>
    public static (double Factor, double Turn) Of(
        IReadOnlyList<TryWith> own,
        IReadOnlyList<(double Share, TryWith Try)> others,
        Edges edges,
        double spread
    )
    {
        // The level is only as sure as there are others to tell it from their own.
        var many = others.CountBy(o => o.Try.Partner ?? "").Select(c => (double)c.Value).ToList();
        var telling = many.Sum() * many.Sum() / Math.Max(1, many.Sum(m => m * m));
        var (edge, variance) = edges.Without(own[0].Partner!, own[0].Way);
        var ownSpread = Math.Sqrt(spread * spread * (1 + 1 / Math.Max(1, telling)) + variance);
        double[] precision = [1 / (Level * Level), 1 / (ownSpread * ownSpread), 1 / (Drift * Drift)];
        var (with, without) = (new List<double>(), new List<double>());
        var best = (Turn: 0.0, Value: double.NegativeInfinity);
        foreach (var shape in TurnShape.All)
        {
            var cells = Cells(own, others, t => t.Partner == own[0].Partner ? edge : edges.Of(t.Partner), shape);
            double[] at = [0, 0, 0];
            without.Add(Marginal(cells, 0, at, precision));
            var here = new List<double>();
            foreach (var (fall, weight) in Falls)
                here.Add(Math.Log(weight) + Marginal(cells, fall, at, precision));
            var value = LogSum(here);
            with.Add(value);
            // Told is a turn at once, which parts the tries in two.
            if (shape.IsAtOnce && value > best.Value)
                best = (shape.From, value);
        }
        return (Math.Exp(LogSum(with) - LogSum(without)), best.Turn);
    }

    private static Cell[] Cells(
        IReadOnlyList<TryWith> own,
        IReadOnlyList<(double Share, TryWith Try)> others,
        Func<TryWith, double> edge,
        TurnShape shape
    )
    {
        var cells = new Dictionary<(bool, int, int), Cell>();
        for (var i = 0; i < own.Count; i++)
            Add(true, (i + 0.5) / own.Count, own[i]);
        foreach (var (share, one) in others)
            Add(false, share, one);
        return [.. cells.Values];

        void Add(bool isOwn, double share, TryWith one)
        {
            var key = (isOwn, (int)Math.Round(shape.At(share) * Grades), (int)Math.Round(edge(one) / EdgeStep));
            if (!cells.TryGetValue(key, out var cell))
                cells[key] = cell = new Cell(isOwn, (double)key.Item2 / Grades, key.Item3 * EdgeStep);
            cell.Tried++;
            cell.CameOff += one.CameOff ? 1 : 0;
        }
    }

    // The log of the marginal likelihood; the mode is left in the numbers, to begin from next time.
    private static double Marginal(Cell[] cells, double fall, double[] at, double[] precision)
    {
        var gradient = new double[Numbers];
        var curvature = new double[Numbers * Numbers];
        for (var round = 0; ; round++)
        {
            var value = Slopes(cells, fall, at, precision, gradient, curvature);
            var factor = CholeskyFactor.Of(curvature, Numbers);
            var step = factor.Solve(gradient);
            var promised = 0.0;
            for (var i = 0; i < Numbers; i++)
                promised += gradient[i] * step[i];
            if (promised < 1e-9 || round == MostRounds)
                return value - 0.5 * factor.LogDeterminant;
            // A normal prior on each number keeps the steps short; none longer than 2 in log odds.
            var longest = step.Max(Math.Abs);
            var share = longest > 2 ? 2 / longest : 1;
            for (var i = 0; i < Numbers; i++)
                at[i] += share * step[i];
        }
    }

    private static double Slopes(Cell[] cells, double fall, double[] at, double[] precision, double[] gradient, double[] curvature)
    {
        Array.Clear(curvature);
        var value = 0.0;
        for (var i = 0; i < Numbers; i++)
        {
            value -= 0.5 * precision[i] * at[i] * at[i];
            gradient[i] = -precision[i] * at[i];
            curvature[i * Numbers + i] = precision[i];
        }
        Span<double> factor = stackalloc double[Numbers];
        foreach (var cell in cells)
        {
            (factor[0], factor[1], factor[2]) = (1, cell.IsOwn ? 1 : 0, cell.Grade);
            var odds = at[0] + cell.Edge + factor[1] * at[1] + cell.Grade * at[2] - (cell.IsOwn ? fall * cell.Grade : 0);
            var chance = 1 / (1 + Math.Exp(-odds));
            value += cell.CameOff * Math.Log(chance) + (cell.Tried - cell.CameOff) * Math.Log(1 - chance);
            var (residual, spread) = (cell.CameOff - cell.Tried * chance, cell.Tried * chance * (1 - chance));
            for (var i = 0; i < Numbers; i++)
            {
                gradient[i] += factor[i] * residual;
                for (var j = 0; j <= i; j++)
                    curvature[i * Numbers + j] += factor[i] * factor[j] * spread;
            }
        }
        return value;
    }

    private static double LogSum(List<double> logs)
    {
        var most = logs.Max();
        return most + Math.Log(logs.Sum(l => Math.Exp(l - most)));
    }

    private sealed class Cell(bool isOwn, double grade, double edge)
    {
        public bool IsOwn => isOwn;

        public double Grade => grade;

        public double Edge => edge;

        public int Tried { get; set; }

        public int CameOff { get; set; }
    }
}
