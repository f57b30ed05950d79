namespace AshNotch.Core.Rolls;

/// <summary>What stands in the place of a computed line of the score: somebody knew better.</summary>
/// <param name="For">What for.</param>
/// <param name="Points">Points to whoever made the notch.</param>
/// <param name="Advantages">Advantages to them.</param>
/// <param name="Note">Why; null when not said.</param>
public sealed record Ruling(ScoredFor For, int Points, int Advantages, string? Note);
