namespace AshNotch.Core.Weeks;

/// <summary>Two weeks of one subject.</summary>
/// <param name="First">Their first day.</param>
/// <param name="Count">Observed and expected.</param>
/// <param name="Rolls">Ids of the rolls in which it happened.</param>
public sealed record Fortnight(DateOnly First, Ratio Count, IReadOnlyList<string> Rolls);
