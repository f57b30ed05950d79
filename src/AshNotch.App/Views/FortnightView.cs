using AshNotch.Core.Weeks;

namespace AshNotch.App.Views;

/// <summary>Two weeks of a course.</summary>
/// <param name="First">Their first day.</param>
/// <param name="Count">Observed against expected.</param>
/// <param name="Rolls">Ids of the rolls in which it happened.</param>
public sealed record FortnightView(DateOnly First, RatioView Count, IReadOnlyList<string> Rolls)
{
    /// <summary>The view of a fortnight.</summary>
    public static FortnightView Of(Fortnight fortnight) => new(fortnight.First, RatioView.Of(fortnight.Count), fortnight.Rolls);
}
