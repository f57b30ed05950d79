namespace AshNotch.Core.Costs;

/// <summary>Quantiles of some values.</summary>
public static class Quantiles
{
    /// <summary>Mean and likely range (10th to 90th percentile) of some values, at least one.</summary>
    public static (double Mean, double Low, double High) Of(IEnumerable<double> values)
    {
        var sorted = values.Order().ToArray();
        return (sorted.Average(), At(sorted, 0.1), At(sorted, 0.9));
    }

    // Between the two nearest of n values, at (n - 1)·share (Hyndman and Fan 1996, type 7).
    private static double At(double[] sorted, double share)
    {
        var at = (sorted.Length - 1) * share;
        var below = (int)at;
        return below + 1 < sorted.Length ? sorted[below] + (at - below) * (sorted[below + 1] - sorted[below]) : sorted[^1];
    }
}
