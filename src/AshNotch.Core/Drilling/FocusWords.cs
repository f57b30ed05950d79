using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling;

/// <summary>A focus in one sentence.</summary>
public static class FocusWords
{
    /// <summary>Says what to work on: <c>Stop the knee cut pass from your half guard.</c></summary>
    public static string Of(Focus focus, MatVocabulary vocabulary)
    {
        var there = vocabulary.SayFrom(focus.From);
        if (focus is { Move: null, To: null })
            return focus.By == Who.Partner ? $"Stop them finishing you {there}." : $"Finish more {there}.";
        var getting = $"getting to {(focus.To is { } to ? vocabulary.SayPlace(to) : "")}";
        if (focus.By == Who.Partner)
            return $"Stop {(focus.Move is { } theirs ? $"the {vocabulary.MoveName(theirs)}" : getting)} {there}.";
        return $"Land {(focus.Move is { } mine ? $"your {vocabulary.MoveName(mine)}" : getting)} {there}.";
    }
}
