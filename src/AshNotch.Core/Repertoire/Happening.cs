using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Repertoire;

/// <summary>A notch of a live roll where it stands, with where the two were.</summary>
/// <param name="Logged">Its roll.</param>
/// <param name="Exchange">Index of its exchange.</param>
/// <param name="Index">Its index in the exchange.</param>
/// <param name="Notch">The notch.</param>
/// <param name="From">Where the two were, seen from me; null where nobody knows.</param>
/// <param name="After">Where they were after it; null where nobody knows, and after a tap.</param>
internal sealed record Happening(LoggedRoll Logged, int Exchange, int Index, Notch Notch, PlaceId? From, PlaceId? After)
{
    /// <summary>It came off.</summary>
    public bool CameOff => Notch.Outcome is Outcome.Landed or Outcome.Tap;

    /// <summary>It was earned or lost by the two alone: not let happen, and not of the walls or the clock.</summary>
    public bool IsEarned => Notch.Given is null && !Notch.IsOfSurroundings;

    /// <summary>It was really tried.</summary>
    public bool IsTry => IsEarned && Notch.Outcome != Outcome.Threatened;

    /// <summary>Every notch of the live rolls, by exchange, in order.</summary>
    public static List<Happening[]> ByExchange(Log log, MatVocabulary vocabulary) =>
        [
            .. log.LiveRolls.SelectMany(logged =>
                logged.Roll.Exchanges.Select((exchange, e) => Of(logged, exchange, e, vocabulary)).Where(h => h.Length > 0)
            ),
        ];

    /// <summary>The notches of one exchange.</summary>
    public static Happening[] Of(LoggedRoll logged, Exchange exchange, int e, MatVocabulary vocabulary)
    {
        var now = Whereabouts.StartOf(exchange);
        var all = new Happening[exchange.Notches.Count];
        for (var n = 0; n < all.Length; n++)
        {
            var notch = exchange.Notches[n];
            var from = notch.From ?? now;
            now = Whereabouts.After(notch, now, vocabulary);
            all[n] = new Happening(logged, e, n, notch, from, notch.Outcome == Outcome.Tap ? null : now);
        }
        return all;
    }
}
