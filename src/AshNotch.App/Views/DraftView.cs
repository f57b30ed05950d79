namespace AshNotch.App.Views;

/// <summary>A draft.</summary>
/// <param name="Body">What was written, in the page's own form.</param>
public sealed record DraftView(string? Body);
