namespace AshNotch.Core.Reading;

/// <summary>Words that were not understood.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last character.</param>
/// <param name="Text">The words as written.</param>
public sealed record Unread(int Start, int End, string Text);
