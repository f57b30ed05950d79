namespace AshNotch.Core.Drilling.Plans;

/// <summary>A block as sessions.</summary>
/// <param name="Sessions">The sessions, in order.</param>
/// <param name="None">Why there is no round in it, in a sentence; null where there is.</param>
public sealed record Plan(IReadOnlyList<PlannedSession> Sessions, string? None)
{
    /// <summary>The first session of which nothing was done yet; null where there is none.</summary>
    public PlannedSession? NextAfter(IReadOnlyList<DrilledSession> done) => Sessions.FirstOrDefault(s => done.All(d => d.Date != s.Date));
}
