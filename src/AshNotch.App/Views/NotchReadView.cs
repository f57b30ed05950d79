using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A notch that was read, with what ties a correction to it.</summary>
/// <param name="Notch">The notch.</param>
/// <param name="Say">It in words.</param>
/// <param name="Words">The words it was read from.</param>
/// <param name="Occurrence">Which notch read from these same words, from 0.</param>
/// <param name="Corrected">Whether a correction made it what it is.</param>
/// <param name="Why">Why it was read so, in words; empty where a correction made it what it is.</param>
/// <param name="Others">What else it may have been, the likelier first.</param>
/// <param name="Added">Its index among the notches put in by hand; null where it was read.</param>
public sealed record NotchReadView(
    NotchDocument Notch,
    string Say,
    string Words,
    int Occurrence,
    bool Corrected,
    IReadOnlyList<string> Why,
    IReadOnlyList<AnswerView> Others,
    int? Added
);
