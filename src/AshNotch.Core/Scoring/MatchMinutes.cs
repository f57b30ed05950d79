using AshNotch.Core.Rolls;

namespace AshNotch.Core.Scoring;

/// <summary>How long a match lasts in a division.</summary>
/// <param name="Ages">Age divisions; null for all.</param>
/// <param name="Belts">Belts; null for all.</param>
/// <param name="Minutes">Minutes.</param>
public sealed record MatchMinutes(IReadOnlyList<AgeDivision>? Ages, IReadOnlyList<Belt>? Belts, double Minutes);
