namespace AshNotch.App.Views;

/// <summary>A roll that is half told.</summary>
/// <param name="Id">The id the roll will have.</param>
/// <param name="Body">What was written, in the page's own form.</param>
/// <param name="At">When it was last written to.</param>
public sealed record DraftView(string Id, string Body, DateTimeOffset At);
