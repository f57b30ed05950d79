namespace AshNotch.Core.Matches;

/// <summary>Something that somebody says of an opponent.</summary>
/// <param name="Text">What.</param>
/// <param name="From">Who says it; null where that is not told.</param>
public sealed record Hearsay(string Text, string? From);
