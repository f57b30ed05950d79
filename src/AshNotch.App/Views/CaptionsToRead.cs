namespace AshNotch.App.Views;

/// <summary>Captions to read.</summary>
/// <param name="Text">A WebVTT or SubRip file.</param>
public sealed record CaptionsToRead(string? Text);
