namespace AshNotch.App.Views;

/// <summary>Captions as a telling.</summary>
/// <param name="Text">The telling, with its times in it as <c>[2:31]</c>.</param>
/// <param name="Faults">Times that could not be read, with their lines.</param>
public sealed record CaptionedText(string Text, IReadOnlyList<string> Faults);
