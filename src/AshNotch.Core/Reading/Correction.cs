using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>What the teller put right in a reading. It is tied to the words, so that it outlives further writing.</summary>
/// <param name="Words">The words the notch was read from, as written.</param>
/// <param name="Occurrence">Which notch read from these same words, from 0.</param>
/// <param name="Notch">What it should be; null takes the notch out.</param>
public sealed record Correction(string Words, int Occurrence, Notch? Notch);
