namespace AshNotch.Core.Drilling.Plans;

/// <summary>A block as sessions.</summary>
/// <param name="Sessions">The sessions, in order.</param>
/// <param name="None">Why there is no round in it, in a sentence; null where there is.</param>
public sealed record Plan(IReadOnlyList<PlannedSession> Sessions, string? None);
