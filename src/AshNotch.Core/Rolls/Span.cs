namespace AshNotch.Core.Rolls;

/// <summary>A stretch of a retelling, in characters from its start.</summary>
/// <param name="Start">The first character.</param>
/// <param name="End">One past the last character.</param>
public readonly record struct Span(int Start, int End);
