using AshNotch.Core.Rolls;

namespace AshNotch.Core.Drilling.Choosing;

/// <summary>What was drilled in a block before.</summary>
/// <param name="Way">The exchange.</param>
/// <param name="Until">The last day of the block.</param>
public sealed record Drilled(Way Way, DateOnly Until);
