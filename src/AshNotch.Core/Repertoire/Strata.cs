using AshNotch.Core.Costs;
using MathNet.Numerics.Distributions;

namespace AshNotch.Core.Repertoire;

/// <summary>
/// Two-by-two tables of the same question in several strata, taken together: the odds ratio of Mantel and Haenszel (<i>J. Natl. Cancer
/// Inst.</i> 22, 1959) with the variance of Robins, Breslow and Greenland (<i>Biometrics</i> 42, 1986), and the exact one-sided test given all
/// margins, which for one stratum is Fisher's.
/// </summary>
public sealed class Strata
{
    private readonly List<(int Came, int Of, int AllCame, int All)> tables = [];

    /// <summary>Adds a stratum.</summary>
    /// <param name="came">Successes among those exposed.</param>
    /// <param name="of">Those exposed.</param>
    /// <param name="allCame">Successes among all.</param>
    /// <param name="all">All.</param>
    public void Add(int came, int of, int allCame, int all) => tables.Add((came, of, allCame, all));

    /// <summary>Successes among the exposed.</summary>
    public int Came => tables.Sum(t => t.Came);

    /// <summary>How many there would be if exposure made no difference.</summary>
    public double Expected => tables.Sum(t => (double)t.Of * t.AllCame / t.All);

    /// <summary>The variance of that count, given all margins: how much the tables could show at all.</summary>
    public double Variance =>
        tables
            .Where(t => t.All > 1)
            .Sum(t => (double)t.Of * (t.All - t.Of) * t.AllCame * (t.All - t.AllCame) / ((double)t.All * t.All * (t.All - 1)));

    /// <summary>The common odds ratio; infinite where none of the others succeeded.</summary>
    public double Odds
    {
        get
        {
            var (r, s) = Sums();
            return s == 0 ? double.PositiveInfinity : r / s;
        }
    }

    /// <summary>The likely range of the common odds ratio.</summary>
    /// <param name="deviations">How many standard deviations either way; four times in five when left out.</param>
    public (double Low, double High) Range(double deviations = Wilson.FourInFive)
    {
        var (r, s) = Sums();
        if (r == 0 || s == 0)
            return (r == 0 ? 0 : 1, double.PositiveInfinity);
        double pr = 0,
            mixed = 0,
            qs = 0;
        foreach (var (a, b, c, d, n) in Cells())
        {
            var (p, q) = ((a + d) / n, (b + c) / n);
            var (ri, si) = (a * d / n, b * c / n);
            pr += p * ri;
            mixed += p * si + q * ri;
            qs += q * si;
        }
        var deviation = Math.Sqrt(pr / (2 * r * r) + mixed / (2 * r * s) + qs / (2 * s * s));
        var log = Math.Log(r / s);
        return (Math.Exp(log - deviations * deviation), Math.Exp(log + deviations * deviation));
    }

    /// <summary>How often chance alone would bring as many successes or more among the exposed, given all margins.</summary>
    public double OneSided()
    {
        var (least, chances) = Chances();
        return Math.Min(1, chances.Skip(Math.Max(0, Came - least)).Sum());
    }

    /// <summary>The same with half of the chance of just as many (Lancaster, <i>J. Am. Stat. Assoc.</i> 56, 1961).</summary>
    public double MidP()
    {
        var (least, chances) = Chances();
        return OneSided() - chances[Came - least] / 2;
    }

    // The sum of independent hypergeometric counts: their distributions folded into one.
    private (int Least, double[] Chances) Chances()
    {
        double[] sum = [1];
        var least = 0;
        foreach (var (_, of, allCame, all) in tables)
        {
            var (low, high) = (Math.Max(0, of + allCame - all), Math.Min(of, allCame));
            least += low;
            var chance = new Hypergeometric(all, allCame, of);
            var next = new double[sum.Length + high - low];
            for (var k = low; k <= high; k++)
            {
                // The library's plain chance overflows with hundreds of steps.
                var p = Math.Exp(chance.ProbabilityLn(k));
                for (var i = 0; i < sum.Length; i++)
                    next[i + k - low] += p * sum[i];
            }
            sum = next;
        }
        return (least, sum);
    }

    private (double R, double S) Sums() => (Cells().Sum(t => t.A * t.D / t.N), Cells().Sum(t => t.B * t.C / t.N));

    private IEnumerable<(double A, double B, double C, double D, double N)> Cells() =>
        tables.Select(t =>
            (
                (double)t.Came,
                (double)(t.Of - t.Came),
                (double)(t.AllCame - t.Came),
                (double)(t.All - t.Of - t.AllCame + t.Came),
                (double)t.All
            )
        );
}
