using AshNotch.Core.Rolls;

namespace AshNotch.Core.Scoring;

/// <summary>What one scoring event is worth.</summary>
/// <param name="For">The event.</param>
/// <param name="Points">Points to whoever made it.</param>
/// <param name="PastGuard">Points where it ends past the legs; null where that makes no difference.</param>
/// <param name="Source">Where the value comes from.</param>
public sealed record Score(ScoredFor For, int Points, int? PastGuard, string Source);
