namespace AshNotch.App.Views;

/// <summary>Something a telling says of the roll as a whole.</summary>
/// <param name="Words">The words, by which it is struck.</param>
/// <param name="Say">What they say.</param>
public sealed record ToldFactView(string Words, string Say);
