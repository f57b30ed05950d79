using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>One try of a named move from a known place.</summary>
/// <param name="Way">What was tried.</param>
/// <param name="One">The try where it stands.</param>
/// <param name="Next">What came right after it in its exchange; null where nothing did.</param>
/// <param name="Edge">What this partner adds to the log odds of every move of that side, as the log has it.</param>
internal sealed record TryWith(Way Way, Happening One, Happening? Next, double Edge)
{
    /// <summary>With whom; null for somebody unknown.</summary>
    public string? Partner => One.Logged.Roll.Partner;

    /// <summary>Whether it came off.</summary>
    public bool CameOff => One.CameOff;

    /// <summary>The tries of both sides in all live rolls, by what was tried, each in the order of the log.</summary>
    public static Dictionary<Way, List<TryWith>> ByWay(List<Happening[]> exchanges, Experience experience)
    {
        var number = experience.Walk.Rolls.Index().ToDictionary(r => r.Item.Roll.Id, r => r.Index);
        var all = new Dictionary<Way, List<TryWith>>();
        foreach (var exchange in exchanges)
        foreach (var one in exchange)
        {
            if (!one.IsTry || one.From is not { } from || one.Notch.Move is not { } move)
                continue;
            var way = Way.Of(from, one.Notch.By, move, null);
            if (!all.TryGetValue(way, out var tries))
                all[way] = tries = [];
            var edge = experience.Model.Versus(number[one.Logged.Roll.Id], way.By);
            tries.Add(new TryWith(way, one, exchange.ElementAtOrDefault(one.Index + 1), edge));
        }
        return all;
    }
}
