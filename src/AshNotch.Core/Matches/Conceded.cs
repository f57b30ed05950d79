using AshNotch.Core.Rolls;

namespace AshNotch.Core.Matches;

/// <summary>What one side scored of one kind over several rolls.</summary>
/// <param name="For">What.</param>
/// <param name="Times">How often.</param>
/// <param name="Points">How many points that made.</param>
public sealed record Conceded(ScoredFor For, int Times, int Points);
