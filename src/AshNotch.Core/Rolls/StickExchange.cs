namespace AshNotch.Core.Rolls;

/// <summary>An exchange of the stick.</summary>
/// <param name="X">Where it starts, 0 to 1.</param>
/// <param name="EndX">Where it ends.</param>
/// <param name="Level">Where the split line starts.</param>
/// <param name="Start">Where it started, in words; null when not told.</param>
/// <param name="End">Why it ended; null when not told.</param>
/// <param name="Cuts">Its notches.</param>
public sealed record StickExchange(double X, double EndX, double Level, string? Start, ExchangeEnd? End, IReadOnlyList<StickCut> Cuts);
