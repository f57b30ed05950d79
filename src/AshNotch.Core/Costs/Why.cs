namespace AshNotch.Core.Costs;

/// <summary>
/// Why a weak spot costs what it costs: the gain is how often, times how likely, times how costly, taken through all that follows.
/// </summary>
/// <param name="Often">How often I am there.</param>
/// <param name="Likely">How likely it is there.</param>
/// <param name="Costly">What it is worth each time.</param>
/// <param name="Sure">Between what it likely lies, how often it comes first, and what to log to find out.</param>
/// <param name="Even">How it would read against an equal.</param>
public sealed record Why(string Often, string Likely, string Costly, string Sure, string Even);
