namespace AshNotch.Core.Reading;

/// <summary>Words that were not understood.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last character.</param>
/// <param name="Text">The words as written.</param>
/// <param name="LooksLikeEvent">One of the two does something in them: they may well tell of a notch.</param>
public sealed record Unread(int Start, int End, string Text, bool LooksLikeEvent = false);
