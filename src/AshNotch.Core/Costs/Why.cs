namespace AshNotch.Core.Costs;

/// <summary>
/// Why a weak spot costs what it costs: the gain is how often, times how likely, times how costly, taken through all that follows.
/// </summary>
/// <param name="Often">How often I am there.</param>
/// <param name="Likely">How likely it is there.</param>
/// <param name="Costly">What it is worth each time.</param>
public sealed record Why(string Often, string Likely, string Costly);
