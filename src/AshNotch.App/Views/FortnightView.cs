using AshNotch.Core.Weeks;

namespace AshNotch.App.Views;

/// <summary>Two weeks of a course.</summary>
/// <param name="First">Their first day.</param>
/// <param name="Count">Observed against expected.</param>
public sealed record FortnightView(DateOnly First, RatioView Count)
{
    /// <summary>The view of a fortnight.</summary>
    public static FortnightView Of(Fortnight fortnight) => new(fortnight.First, RatioView.Of(fortnight.Count));
}
