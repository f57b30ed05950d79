using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A notch put in by hand.</summary>
/// <param name="Roll">Which roll of the telling, from 0, where no words say so.</param>
/// <param name="Notch">The notch; its move and place may be absent. Without words it is a tap.</param>
/// <param name="Words">The words of the telling that mean it.</param>
/// <param name="Occurrence">Which time these words stand in the telling, from 0.</param>
public sealed record NotchToAdd(int Roll, NotchDocument? Notch, string? Words = null, int Occurrence = 0);
