using MathNet.Numerics;
using MathNet.Numerics.Distributions;

namespace AshNotch.Core.Weeks;

/// <summary>
/// Observed against expected, as a ratio with a likely range: a Poisson count over a gamma prior around 1 (Gelman and others, <i>Bayesian
/// Data Analysis</i>, ch. 2), so that few counts stay near 1 and their range stays wide.
/// </summary>
/// <param name="Observed">How often it happened.</param>
/// <param name="Expected">How often it would have in average weeks with those partners.</param>
public readonly record struct Ratio(double Observed, double Expected)
{
    // How many expected events the prior is worth. The authors' judgement.
    private const double Prior = 3;

    /// <summary>The ratio, drawn towards 1 by the prior.</summary>
    public double Mean => (Prior + Observed) / (Prior + Expected);

    /// <summary>In one case of ten it is lower.</summary>
    public double Low => Gamma.InvCDF(Prior + Observed, Prior + Expected, 0.1);

    /// <summary>In one case of ten it is higher.</summary>
    public double High => Gamma.InvCDF(Prior + Observed, Prior + Expected, 0.9);

    /// <summary>
    /// The chance that this ratio is below another: of two gamma variables the share of one in their sum has a beta distribution.
    /// </summary>
    public double ChanceBelow(Ratio other)
    {
        var (mine, theirs) = (Prior + Expected, Prior + other.Expected);
        return SpecialFunctions.BetaRegularized(Prior + Observed, Prior + other.Observed, mine / (mine + theirs));
    }

    /// <summary>Both together.</summary>
    public Ratio And(Ratio other) => new(Observed + other.Observed, Expected + other.Expected);

    /// <summary>This without a part of it.</summary>
    public Ratio Without(Ratio part) => new(Observed - part.Observed, Math.Max(0, Expected - part.Expected));
}
