namespace AshNotch.App.Views;

/// <summary>A draft to be kept.</summary>
/// <param name="Body">What was written, in the page's own form; null drops it.</param>
public sealed record DraftToKeep(string? Body);
