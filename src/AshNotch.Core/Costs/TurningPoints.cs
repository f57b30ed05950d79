using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>
/// The turning point of an exchange: the change of place with the largest fall in value, or rise where it went my way. The tap is the
/// symptom; this is the first bad moment.
/// </summary>
public static class TurningPoints
{
    // A change smaller than this share of what lies between my best and my worst place turns nothing. The authors' judgement.
    private const double Least = 0.08;

    /// <summary>Index of the notch at which an exchange turned, or null where none stands out.</summary>
    public static int? Of(Exchange exchange, PlaceValues values)
    {
        var now = Whereabouts.StartOf(exchange);
        var changes = new List<(int Notch, double Change)>();
        for (var n = 0; n < exchange.Notches.Count; n++)
        {
            var notch = exchange.Notches[n];
            var before = notch.From ?? now;
            now = Whereabouts.After(notch, now, values.Vocabulary);
            if (notch.Outcome == Outcome.Landed && values.Of(now) - values.Of(before) is { } change)
                changes.Add((n, change));
        }
        var ends = exchange.Notches.LastOrDefault(n => n.Outcome == Outcome.Tap);
        var felt = ends?.By switch
        {
            Who.Partner => changes.Where(c => c.Change < 0),
            Who.Me => changes.Where(c => c.Change > 0),
            _ => changes,
        };
        var most = felt.OrderByDescending(c => Math.Abs(c.Change)).FirstOrDefault();
        return Math.Abs(most.Change) > Least * values.Spread ? most.Notch : null;
    }

    /// <summary>The stick of some exchanges with a knot at the turning point of each.</summary>
    public static Stick Knotted(IReadOnlyList<Exchange> exchanges, PlaceValues values)
    {
        var stick = Stick.Of(exchanges, values.Vocabulary);
        return stick with { Exchanges = [.. stick.Exchanges.Select((drawn, e) => Knotted(drawn, Of(exchanges[e], values)))] };
    }

    private static StickExchange Knotted(StickExchange drawn, int? turns) =>
        turns is null
            ? drawn
            : drawn with
            {
                Cuts = [.. drawn.Cuts.Select(c => c.Notch == turns ? c with { Turns = true, Words = $"{c.Words}. Here it turned" } : c)],
            };
}
