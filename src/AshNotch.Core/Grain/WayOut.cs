using AshNotch.Core.Rolls;

namespace AshNotch.Core.Grain;

/// <summary>One way out of a place, for a place that is opened.</summary>
/// <param name="Way">The exchange.</param>
/// <param name="Say">It in words.</param>
/// <param name="Rate">Chance per step there.</param>
/// <param name="Count">How often it came off in the log.</param>
/// <param name="Attempts">How often it was tried.</param>
public sealed record WayOut(Way Way, string Say, double Rate, int Count, int Attempts);
