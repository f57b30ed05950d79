using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>Places and moves of a log that the vocabulary does not know: the user's own terms.</summary>
public static class OwnTerms
{
    /// <summary>Their ids, each once, in order of appearance.</summary>
    public static IReadOnlyList<string> In(IEnumerable<Session> sessions, MatVocabulary vocabulary)
    {
        var own = new OrderedDictionary<string, bool>();
        foreach (var session in sessions)
        foreach (var roll in session.Rolls)
        foreach (var exchange in roll.Exchanges)
        {
            Place(exchange.Start);
            foreach (var notch in exchange.Notches)
            {
                Place(notch.From);
                Place(notch.To);
                if (notch.Move is { } move && vocabulary.Move(move) is null)
                    own.TryAdd(move.Value, true);
            }
        }
        return [.. own.Keys];

        void Place(PlaceId? id)
        {
            if (id is { } place && vocabulary.Place(place) is null)
                own.TryAdd(place.Value, true);
        }
    }
}
