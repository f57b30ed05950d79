using AshNotch.Core.Rolls;

namespace AshNotch.Storage;

/// <summary>What became of rolls that were to be kept.</summary>
/// <param name="Ids">The rolls, in order.</param>
/// <param name="Met">The partners that are new in the log.</param>
public sealed record KeptRolls(IReadOnlyList<string> Ids, IReadOnlyList<Partner> Met);
