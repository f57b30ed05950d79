using AshNotch.Core.Skill;

namespace AshNotch.Core.Partners;

/// <summary>
/// What a sequence of tries says of a turn in it. The log odds of coming off are <c>level + edge + drift·s</c> elsewhere and
/// <c>level + edge + own + drift·s - fall·s</c> between the two, where the edge is what a partner takes off every move and s goes from 0 to 1
/// as a turn's shape says; so what falls everywhere is no learning. Each fall held possible is weighed against none by its marginal likelihood (Laplace's approximation; Kass &amp; Raftery, Bayes
/// factors, JASA 1995).
/// </summary>
internal static class LearningEvidence
{
    private const int Numbers = 3;
    private const int Grades = 8;
    private const int MostRounds = 20;

    // Spread of the level, and of a drift that everybody shares. The authors' judgement.
    private const double Level = 1.5;
    private const double Drift = 1;

    // Falls in log odds, and how likely each is beside the others: to a half, a third, a fifth and a tenth. The authors' judgement.
    private static readonly (double Fall, double Weight)[] Falls = [(0.6, 0.25), (1.1, 0.3), (1.6, 0.25), (2.3, 0.2)];

    /// <summary>How many times likelier what was seen is with a turn than without, and where it most likely was, as a share of the own tries.</summary>
    /// <param name="heaps">The tries, between the two and elsewhere.</param>
    /// <param name="own">Standard deviation of what is the two's own beside their edge, in log odds.</param>
    public static (double Factor, double Turn) Of(Heaps heaps, double own)
    {
        double[] precision = [1 / (Level * Level), 1 / (own * own), 1 / (Drift * Drift)];
        var (with, without) = (new List<double>(), new List<double>());
        var best = (Turn: 0.0, Value: double.NegativeInfinity);
        foreach (var shape in TurnShape.All)
        {
            var cells = heaps.By(shape, Grades);
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

    // The log of the marginal likelihood; the mode is left in the numbers, to begin from next time.
    private static double Marginal(List<Heaps.Heap> cells, double fall, double[] at, double[] precision)
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
            if (promised < 1e-6 || round == MostRounds)
                return value - 0.5 * factor.LogDeterminant;
            // A normal prior on each number keeps the steps short; none longer than 2 in log odds.
            var longest = step.Max(Math.Abs);
            var share = longest > 2 ? 2 / longest : 1;
            for (var i = 0; i < Numbers; i++)
                at[i] += share * step[i];
        }
    }

    private static double Slopes(
        List<Heaps.Heap> cells,
        double fall,
        double[] at,
        double[] precision,
        double[] gradient,
        double[] curvature
    )
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
}
