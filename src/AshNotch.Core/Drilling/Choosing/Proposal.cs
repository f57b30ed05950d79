namespace AshNotch.Core.Drilling.Choosing;

/// <summary>What could be worked on next.</summary>
/// <param name="Sets">Up to three sets, the one with the largest gain first; empty where there is nothing to choose.</param>
/// <param name="Behind">What ranks high and is in none of the first set, each with its reason.</param>
/// <param name="None">Why there is nothing to choose, in a sentence; null where there is.</param>
/// <param name="By">By what sets are ranked, in a sentence; null where there is nothing to choose.</param>
public sealed record Proposal(IReadOnlyList<FocusSet> Sets, IReadOnlyList<LeftBehind> Behind, string? None, string? By = null)
{
    /// <summary>There is nothing to choose.</summary>
    public static Proposal Nothing(string why, IReadOnlyList<LeftBehind>? behind = null) => new([], behind ?? [], why);
}
