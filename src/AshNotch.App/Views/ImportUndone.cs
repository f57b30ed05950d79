namespace AshNotch.App.Views;

/// <summary>An import was taken back.</summary>
/// <param name="Stays">How many of its changes stay, as they were changed since.</param>
public sealed record ImportUndone(int Stays);
