namespace AshNotch.Core.Scoring;

/// <summary>What a line of a score would be if nobody had overruled it.</summary>
/// <param name="Points">Points.</param>
/// <param name="Advantages">Advantages.</param>
/// <param name="Why">The reason, a sentence.</param>
public sealed record Computed(int Points, int Advantages, string Why);
