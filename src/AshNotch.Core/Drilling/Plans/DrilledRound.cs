using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Drilling.Plans;

/// <summary>A round as it was done.</summary>
/// <param name="Focus">Index of the focus in its block; -1 for a refresher.</param>
/// <param name="Rung">The rung of its ladder.</param>
/// <param name="Minutes">How long.</param>
/// <param name="Starts">The starts, as counted; null where nobody counted.</param>
/// <param name="Checks">The checks, as counted.</param>
public sealed record DrilledRound(int Focus, Rung Rung, int Minutes, DrilledStarts? Starts, IReadOnlyList<CheckCount> Checks);
