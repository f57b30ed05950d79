using AshNotch.Core.Chain;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>One try of a named move from a place.</summary>
/// <param name="Way">What was tried.</param>
/// <param name="One">The try where it stands.</param>
/// <param name="Next">What came right after it in its exchange; null where nothing did.</param>
internal sealed record TryWith(Way Way, Happening One, Happening? Next)
{
    /// <summary>With whom; null for somebody unknown.</summary>
    public string? Partner => One.Logged.Roll.Partner;

    /// <summary>Whether it came off.</summary>
    public bool CameOff => One.CameOff;

    /// <summary>
    /// The tries of both sides, by what was tried, each in the order of the log; where nobody told from where, it was from where that move most
    /// plausibly begins, as in the ranking.
    /// </summary>
    public static Dictionary<Way, List<TryWith>> ByWay(List<Happening[]> exchanges, MatVocabulary vocabulary)
    {
        var all = new Dictionary<Way, List<TryWith>>();
        foreach (var exchange in exchanges)
        foreach (var one in exchange)
        {
            if (!one.IsTry || one.Notch.Move is not { } move)
                continue;
            if ((one.From ?? SupposedStart.Of(move, one.Notch.By, vocabulary)) is not { } from)
                continue;
            var way = Way.Of(from, one.Notch.By, move, null);
            if (!all.TryGetValue(way, out var tries))
                all[way] = tries = [];
            tries.Add(new TryWith(way, one, exchange.ElementAtOrDefault(one.Index + 1)));
        }
        return all;
    }
}
