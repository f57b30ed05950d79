namespace AshNotch.App.Views;

/// <summary>A roll to be read anew.</summary>
/// <param name="Text">Its telling as it is now.</param>
public sealed record RereadAsked(string? Text);
