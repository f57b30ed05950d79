using AshNotch.Core.Rolls;

namespace AshNotch.App.Views;

/// <summary>An exchange that was read.</summary>
/// <param name="Start">The place it starts in, in words.</param>
/// <param name="End">Why it ended.</param>
/// <param name="Notches">Its notches.</param>
public sealed record ExchangeReadView(string? Start, ExchangeEnd? End, IReadOnlyList<NotchReadView> Notches);
