using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Writes a notch as a plain line that reads back as that notch: tapping and writing are one telling.</summary>
public static class Plain
{
    /// <summary>The line of a move.</summary>
    /// <param name="by">Whose move.</param>
    /// <param name="move">The move.</param>
    /// <param name="outcome">How it came out; a submission that landed is a tap.</param>
    public static string Line(Who by, Move move, Outcome outcome)
    {
        var who = by == Who.Me ? "I" : "They";
        return outcome switch
        {
            Outcome.Tap => $"{who} finished the {move.Name}.",
            Outcome.Landed when move.IsSubmission => $"{who} finished the {move.Name}.",
            Outcome.Landed => $"{who} got the {move.Name}.",
            Outcome.Near => $"{who} almost got the {move.Name}.",
            Outcome.Threatened => $"{who} threatened the {move.Name}.",
            Outcome.Abandoned => $"{who} gave up on the {move.Name}.",
            _ => $"{who} tried the {move.Name}.",
        };
    }

    /// <summary>The line of a place to start in.</summary>
    public static string Starts(Place place) => place.Id == "standing/neutral" ? "Started standing." : place.Role == Role.Neutral ? $"Started in the {place.Position.Name}." : $"Started in {(place.IsMine ? "my" : "their")} {place.Position.Name}.";
}
