using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A tap put in by hand.</summary>
/// <param name="Roll">Which roll of the telling, from 0.</param>
/// <param name="Notch">The tap; its move and place may be absent.</param>
public sealed record TapToAdd(int Roll, NotchDocument? Notch);
