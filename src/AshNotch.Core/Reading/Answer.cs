using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>A ready answer to a question.</summary>
/// <param name="Say">The answer, in a word or two.</param>
/// <param name="Notch">The notch as it is then; null takes it out.</param>
public sealed record Answer(string Say, Notch? Notch);
