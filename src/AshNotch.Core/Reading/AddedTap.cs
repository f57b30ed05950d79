using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>A tap that was put in by hand, since the telling does not say it or it was not heard.</summary>
/// <param name="Roll">Which roll of the telling, from 0.</param>
/// <param name="Notch">The tap.</param>
public sealed record AddedTap(int Roll, Notch Notch);
