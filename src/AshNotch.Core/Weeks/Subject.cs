using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Weeks;

/// <summary>What is followed over the weeks: everything one side lands, at one place, or by one move there.</summary>
/// <param name="By">Whose.</param>
/// <param name="From">The place; null for all.</param>
/// <param name="Move">The move; null for all.</param>
public sealed record Subject(Who By, PlaceId? From = null, MoveId? Move = null)
{
    /// <summary>Whether a step that came off is of it.</summary>
    public bool Counts(Step step) =>
        step.By == By && (From is null || step.From == From) && (Move is null || step.Move == Move) && step.Result != StepResult.Stays;

    /// <summary>It in words, as a heading.</summary>
    public string Say(MatVocabulary vocabulary)
    {
        var whose = By == Who.Me ? "you land" : "they land";
        if (From is not { } place)
            return By == Who.Partner ? "Their share of all that lands" : "Your share of all that lands";
        if (Move is not { } move)
            return $"What {whose} {vocabulary.SayFrom(place)}";
        return WayWords.Of(new Way(place, By, move), [], vocabulary);
    }
}
