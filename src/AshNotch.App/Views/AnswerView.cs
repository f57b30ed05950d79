using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A ready answer to a question.</summary>
/// <param name="Say">The answer.</param>
/// <param name="Notch">The notch as it is then; null takes it out.</param>
public sealed record AnswerView(string Say, NotchDocument? Notch);
