using System.Numerics.Tensors;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Skill;

/// <summary>
/// Finds the most likely skills: a logistic regression with three outcomes a step (mine lands, theirs lands, it stays) and normal priors,
/// by Newton's method with step halving (McCullagh &amp; Nelder, <i>Generalized Linear Models</i>, ch. 5).
/// </summary>
public sealed class SkillFit
{
    private const int MostTerms = 7;
    private const int MostRounds = 60;
    private const double Close = 1e-10;

    private readonly Row[] rows;
    private readonly double[] mean;
    private readonly double[] precision;
    private readonly int count;

    private SkillFit(Row[] rows, double[] mean, double[] precision)
    {
        this.rows = rows;
        this.mean = mean;
        this.precision = precision;
        count = mean.Length;
    }

    /// <summary>Fits.</summary>
    /// <param name="tally">What happened.</param>
    /// <param name="layout">Which numbers there are.</param>
    /// <param name="offset">
    /// What is added to the log odds of a side at a place before any skill: the book, and what goes unwritten.
    /// </param>
    /// <param name="prior">What is held of the numbers before: mean and precision of each, as laid out.</param>
    /// <param name="from">Where to begin; the prior's means when null. The answer does not depend on it.</param>
    public static Mode Of(
        Tally tally,
        SkillLayout layout,
        Func<int, Who, double> offset,
        (double[] Mean, double[] Precision) prior,
        double[]? from = null
    )
    {
        var (mean, precision) = prior;
        var rows = tally.Cells.Select(c => Row.Of(c, tally.Settings[c.Setting], layout, offset)).ToArray();
        return new SkillFit(rows, mean, precision).Climb(from ?? mean);
    }

    private Mode Climb(double[] from)
    {
        var at = (double[])from.Clone();
        var gradient = new double[count];
        var curvature = new double[count * count];
        var value = Slopes(at, gradient, curvature);
        for (var round = 0; ; round++)
        {
            var precise = CholeskyFactor.Of(curvature, count);
            var step = precise.Solve(gradient);
            var promised = TensorPrimitives.Dot<double>(gradient, step);
            if (promised < Close || round == MostRounds)
                return new Mode(at, precise, Evidence(value, precise.LogDeterminant));
            var share = 1.0;
            double[] next;
            double reached;
            while (true)
            {
                next = [.. at.Select((x, i) => x + share * step[i])];
                reached = Value(next);
                if (reached >= value || share < 1e-6)
                    break;
                share /= 2;
            }
            at = next;
            value = Slopes(at, gradient, curvature);
        }
    }

    private double Evidence(double value, double logDeterminant) => value + 0.5 * precision.Sum(Math.Log) - 0.5 * logDeterminant;

    private double Value(double[] at)
    {
        var value = 0.0;
        for (var i = 0; i < count; i++)
            value -= 0.5 * precision[i] * (at[i] - mean[i]) * (at[i] - mean[i]);
        foreach (var row in rows)
            value += row.LogLikelihood(at);
        return value;
    }

    private double Slopes(double[] at, double[] gradient, double[] curvature)
    {
        Array.Clear(curvature);
        var value = 0.0;
        for (var i = 0; i < count; i++)
        {
            var away = at[i] - mean[i];
            value -= 0.5 * precision[i] * away * away;
            gradient[i] = -precision[i] * away;
            curvature[i * count + i] = precision[i];
        }
        foreach (var row in rows)
            value += row.Add(at, gradient, curvature, count);
        return value;
    }

    // One cell as a row of the regression.
    private sealed class Row
    {
        private readonly int[] which;
        private readonly double[] factor;
        private readonly int mine;
        private readonly double offsetMine;
        private readonly double offsetTheirs;
        private readonly Cell cell;

        private Row(Cell cell, int[] which, double[] factor, int mine, double offsetMine, double offsetTheirs)
        {
            this.cell = cell;
            this.which = which;
            this.factor = factor;
            this.mine = mine;
            this.offsetMine = offsetMine;
            this.offsetTheirs = offsetTheirs;
        }

        public static Row Of(Cell cell, Setting setting, SkillLayout layout, Func<int, Who, double> offset)
        {
            Span<int> which = stackalloc int[2 * MostTerms];
            Span<double> factor = stackalloc double[2 * MostTerms];
            var mine = layout.Terms(cell.Place, setting, Who.Me, which, factor);
            var all = mine + layout.Terms(cell.Place, setting, Who.Partner, which[mine..], factor[mine..]);
            return new Row(
                cell,
                which[..all].ToArray(),
                factor[..all].ToArray(),
                mine,
                offset(cell.Place, Who.Me),
                offset(cell.Place, Who.Partner)
            );
        }

        public double LogLikelihood(double[] at) => Chances(at).LogLikelihood;

        public double Add(double[] at, double[] gradient, double[] curvature, int count)
        {
            var (m, t, log) = Chances(at);
            var all = cell.All;
            var (slopeMine, slopeTheirs) = (cell.Mine - all * m, cell.Theirs - all * t);
            for (var i = 0; i < which.Length; i++)
                gradient[which[i]] += factor[i] * (i < mine ? slopeMine : slopeTheirs);
            var (mm, tt, mt) = (all * m * (1 - m), all * t * (1 - t), -all * m * t);
            for (var i = 0; i < which.Length; i++)
            {
                var row = which[i] * count;
                for (var j = 0; j < which.Length; j++)
                {
                    var bend =
                        i < mine ? (j < mine ? mm : mt)
                        : j < mine ? mt
                        : tt;
                    curvature[row + which[j]] += factor[i] * factor[j] * bend;
                }
            }
            return log;
        }

        private (double Mine, double Theirs, double LogLikelihood) Chances(double[] at)
        {
            var (a, b) = (offsetMine, offsetTheirs);
            for (var i = 0; i < which.Length; i++)
            {
                if (i < mine)
                    a += factor[i] * at[which[i]];
                else
                    b += factor[i] * at[which[i]];
            }
            var top = Math.Max(0, Math.Max(a, b));
            var (ea, eb, es) = (Math.Exp(a - top), Math.Exp(b - top), Math.Exp(-top));
            var sum = ea + eb + es;
            var logSum = top + Math.Log(sum);
            return (ea / sum, eb / sum, cell.Mine * (a - logSum) + cell.Theirs * (b - logSum) - cell.Stays * logSum);
        }
    }
}
