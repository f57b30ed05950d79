using AshNotch.Core.Weeks;

namespace AshNotch.App.Views;

/// <summary>Observed against expected.</summary>
/// <param name="Observed">How often it happened.</param>
/// <param name="Expected">How often it would have in average weeks.</param>
/// <param name="Mean">The ratio, drawn towards 1 where little was seen.</param>
/// <param name="Low">In one case of ten it is lower.</param>
/// <param name="High">In one case of ten it is higher.</param>
public sealed record RatioView(double Observed, double Expected, double Mean, double Low, double High)
{
    /// <summary>The view of a ratio.</summary>
    public static RatioView Of(Ratio ratio) => new(ratio.Observed, ratio.Expected, ratio.Mean, ratio.Low, ratio.High);
}
