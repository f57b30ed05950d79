using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>One finish of a roll that is told.</summary>
/// <param name="Say">What it was, in words.</param>
/// <param name="Unsure">It was asked or inferred, not said.</param>
/// <param name="Words">The words it was read from; null when it was put in by hand.</param>
/// <param name="Occurrence">Which notch read from these same words, from 0.</param>
/// <param name="Without">What the notch is when it was no tap; null takes it out.</param>
/// <param name="Added">Which of the taps put in by hand it is, from 0; null when it was read.</param>
public sealed record TapView(string Say, bool Unsure, string? Words, int Occurrence, NotchDocument? Without, int? Added);
