using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>A notch that was put in by hand: a tap that the telling does not say, or what words that were not understood mean.</summary>
/// <param name="Roll">Which roll of the telling, from 0, where no words say so.</param>
/// <param name="Notch">The notch.</param>
/// <param name="Words">The words that mean it; null where none do.</param>
/// <param name="Occurrence">Which time these words stand in the telling, from 0.</param>
public sealed record AddedNotch(int Roll, Notch Notch, string? Words = null, int Occurrence = 0);
