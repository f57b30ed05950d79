namespace AshNotch.App.Views;

/// <summary>A roll to be made two.</summary>
/// <param name="Exchange">Index of the exchange in which the second begins, from 0.</param>
/// <param name="Notch">Index of its first notch in that exchange, from 0.</param>
/// <param name="Partner">Id of the second's partner; null when unknown.</param>
/// <param name="Version">The version it is split from.</param>
public sealed record SplitAsked(int Exchange, int Notch, string? Partner = null, int? Version = null);
