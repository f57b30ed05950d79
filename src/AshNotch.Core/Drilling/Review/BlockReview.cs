namespace AshNotch.Core.Drilling.Review;

/// <summary>What became of a block.</summary>
/// <param name="Done">Whether it was done, in words with counts.</param>
/// <param name="Focuses">Its focuses, the main one first.</param>
public sealed record BlockReview(string Done, IReadOnlyList<FocusReview> Focuses);
