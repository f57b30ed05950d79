using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>The weight classes of a category.</summary>
/// <param name="Category">The category.</param>
/// <param name="Attire">What is worn.</param>
/// <param name="Limits">The limits, the lightest first.</param>
public sealed record WeightClassView(MatchCategory Category, Attire Attire, IReadOnlyList<WeightClassView.Limit> Limits)
{
    /// <summary>A limit.</summary>
    /// <param name="Kg">In kilograms.</param>
    /// <param name="Say">In words.</param>
    public sealed record Limit(double Kg, string Say);
}
