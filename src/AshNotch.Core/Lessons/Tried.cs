namespace AshNotch.Core.Lessons;

/// <summary>Whether what was taught, advised or missed was tried in live rolls since.</summary>
/// <param name="Times">How often it was tried.</param>
/// <param name="Landed">How often it came off.</param>
/// <param name="Last">The last time; null when never, or without a date.</param>
public sealed record Tried(int Times, int Landed, DateOnly? Last);
