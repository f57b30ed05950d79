using MathNet.Numerics.Distributions;

namespace AshNotch.Core.Drilling.Effort;

/// <summary>By how much an hour of drilling changes the log odds of an exchange for the better.</summary>
/// <param name="Mean">The mean.</param>
/// <param name="Deviation">How unsure that is, as a standard deviation.</param>
public sealed record HourEffect(double Mean, double Deviation)
{
    // The 90th percentile of a normal distribution, as for all likely ranges.
    private static readonly double Ninety = Normal.InvCDF(0, 1, 0.9);

    /// <summary>Lower end of its likely range (10th percentile).</summary>
    public double Low => Mean - Ninety * Deviation;

    /// <summary>Upper end (90th percentile).</summary>
    public double High => Mean + Ninety * Deviation;
}
