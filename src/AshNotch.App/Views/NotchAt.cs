namespace AshNotch.App.Views;

/// <summary>Where a notch stands in a roll.</summary>
/// <param name="Exchange">Index of its exchange, from 0.</param>
/// <param name="Notch">Its index in that, from 0.</param>
public sealed record NotchAt(int Exchange, int Notch);
