namespace AshNotch.Core.Rolls;

/// <summary>Advice that somebody gave about a notch.</summary>
/// <param name="Text">What was said.</param>
/// <param name="From">Who said it, such as <c>coach</c>; null when not told.</param>
public sealed record Advice(string Text, string? From);
