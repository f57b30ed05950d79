using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>A spell under pressure: pinned, backed, turtled or in a leg lock position, and how it ended.</summary>
/// <param name="Places">The places it went through, seen from me, each once.</param>
/// <param name="Near">What was nearly finished in it; no tally to be proud of, each with its caution.</param>
/// <param name="Out">How it ended.</param>
/// <param name="By">My move that led out, where one was named.</param>
public sealed record Pressed(IReadOnlyList<PlaceId> Places, IReadOnlyList<Notch> Near, PressedEnd Out, MoveId? By)
{
    /// <summary>Whether a place is one to be pressed in.</summary>
    public static bool Is(PlaceId id, MatVocabulary vocabulary) =>
        vocabulary.Place(id)
            is { IsBottom: true, Position.Family: Family.Pin or Family.Mount or Family.Back or Family.Turtle or Family.Legs };

    /// <summary>The spells of a roll, in order.</summary>
    internal static IReadOnlyList<Pressed> Of(LoggedRoll logged, MatVocabulary vocabulary)
    {
        var spells = new List<Pressed>();
        for (var e = 0; e < logged.Roll.Exchanges.Count; e++)
        {
            var exchange = logged.Roll.Exchanges[e];
            var places = new List<PlaceId>();
            var near = new List<Notch>();
            if (Whereabouts.StartOf(exchange) is { } start && Is(start, vocabulary))
                places.Add(start);
            foreach (var one in Happening.Of(logged, exchange, e, vocabulary))
            {
                if (one.From is { } from && Is(from, vocabulary) && !places.Contains(from))
                    places.Add(from);
                if (one.Notch is { By: Who.Partner, Outcome: Outcome.Near } && vocabulary.Move(one.Notch.Move) is { IsSubmission: true })
                    near.Add(one.Notch);
                if (one.Notch.Outcome == Outcome.Tap)
                {
                    Ends(one.Notch.By == Who.Partner ? PressedEnd.Tapped : PressedEnd.Out, one.Notch.By == Who.Me ? one.Notch.Move : null);
                    continue;
                }
                if (one.After is not { } after)
                    continue;
                if (!Is(after, vocabulary))
                    Ends(one.Notch.By == Who.Me ? PressedEnd.Out : PressedEnd.LetGo, one.Notch.By == Who.Me ? one.Notch.Move : null);
                else if (!places.Contains(after))
                    places.Add(after);
            }
            Ends(exchange.End is null or ExchangeEnd.Time ? PressedEnd.Clock : PressedEnd.Stopped, null);

            void Ends(PressedEnd how, MoveId? by)
            {
                if (places.Count > 0 || near.Count > 0)
                    spells.Add(new Pressed([.. places], [.. near], how, by));
                places.Clear();
                near.Clear();
            }
        }
        return spells;
    }
}
