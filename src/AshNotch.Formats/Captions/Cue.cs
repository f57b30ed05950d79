namespace AshNotch.Formats.Captions;

/// <summary>Some words with the time they were said at.</summary>
/// <param name="Start">Seconds from the beginning.</param>
/// <param name="End">Seconds from the beginning, not before the start.</param>
/// <param name="Text">The words, lines joined by blanks.</param>
public sealed record Cue(double Start, double End, string Text);
