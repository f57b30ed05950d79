namespace AshNotch.Core.Drilling.Plans;

/// <summary>What was done of a block on one day.</summary>
/// <param name="Block">The block's id.</param>
/// <param name="Date">The day.</param>
/// <param name="Rounds">The rounds.</param>
public sealed record DrilledSession(string Block, DateOnly Date, IReadOnlyList<DrilledRound> Rounds);
