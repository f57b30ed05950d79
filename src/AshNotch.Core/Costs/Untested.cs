using AshNotch.Core.Rolls;

namespace AshNotch.Core.Costs;

/// <summary>An exchange with too few notches to say anything.</summary>
/// <param name="Way">The exchange.</param>
/// <param name="Attempts">How often it was tried.</param>
/// <param name="Say">It in words, without a stop.</param>
public sealed record Untested(Way Way, int Attempts, string Say);
