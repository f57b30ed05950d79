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

    /// <summary>A notch as a line, with the places that nobody could tell from the move alone.</summary>
    /// <param name="notch">The notch; one without a move says where it led.</param>
    /// <param name="now">Where the walk is before it, if known.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    /// <param name="before">The notch before it: the same attempt once more is said to be one.</param>
    public static string Line(Notch notch, PlaceId? now, MatVocabulary vocabulary, Notch? before = null)
    {
        var to = vocabulary.Place(notch.To);
        var from = vocabulary.Place(notch.From);
        var at = from is not null && notch.From != now ? $"{(from.Id == PlaceId.Standing ? "Standing" : $"In {Of(from)}")}. " : "";
        var side = notch.Side is BodySide.Left or BodySide.Right ? $" on the {Term.Of(notch.Side.Value)}" : "";
        if (vocabulary.Move(notch.Move) is not { } move)
        {
            return to is null ? at : $"{at}{(notch.By == Who.Me ? "I" : "They")} got to {Of(to)}{side}.";
        }
        var usual = Landing.End(move, notch.By, Landing.Start(move, notch.By, from));
        var leads = notch.Outcome == Outcome.Landed && to is not null && to != usual ? $" to {Of(to)}" : "";
        var again = before?.Move == notch.Move && before?.By == notch.By ? " again" : "";
        return $"{at}{Line(notch.By, move, notch.Outcome)[..^1]}{again}{side}{leads}.";
    }

    private static string Of(Place place) =>
        place.Id == PlaceId.Standing ? "standing"
        : place.Role == Role.Neutral ? $"the {place.Position.Name}"
        : $"{(place.IsMine ? "my" : "their")} {place.Position.Name}";

    /// <summary>The line of a place to start in.</summary>
    public static string Starts(Place place) => place.Id == PlaceId.Standing ? "Started standing." : $"Started in {Of(place)}.";
}
