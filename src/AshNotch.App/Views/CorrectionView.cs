using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A correction of a reading.</summary>
/// <param name="Words">The words the notch was read from.</param>
/// <param name="Occurrence">Which notch read from these same words, from 0.</param>
/// <param name="Notch">What it should be; null takes it out.</param>
public sealed record CorrectionView(string? Words, int Occurrence, NotchDocument? Notch);
