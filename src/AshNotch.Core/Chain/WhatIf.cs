using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>A change to think through: the odds of one exchange multiplied.</summary>
/// <param name="From">The place it starts from.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move; null for a change of place that nobody named.</param>
/// <param name="To">Where it leads, where no move is named; null otherwise.</param>
/// <param name="Odds">What its odds against everything else there are multiplied by, above 0.</param>
public sealed record WhatIf(PlaceId From, Who By, MoveId? Move, PlaceId? To, double Odds)
{
    /// <summary>A chain in which these changes hold, and nothing else changed. A place or exit that the chain does not have changes nothing.</summary>
    public static RollChain In(RollChain chain, IEnumerable<WhatIf> changes)
    {
        var chances = (double[])chain.Chances.Clone();
        foreach (var change in changes)
        {
            if (chain.Shape.IndexOf(change.From) is var place && place < 0)
                continue;
            var exits = chain.Shape.ExitsOf(place).ToList();
            var chosen = exits.Where(e => chain.Shape.Exits[e].Key.IsOf(change.By, change.Move, change.To)).ToHashSet();
            var rate = chosen.Sum(e => chances[e]);
            var rest = 1 / (1 - rate + change.Odds * rate);
            foreach (var e in exits)
                chances[e] *= rest * (chosen.Contains(e) ? change.Odds : 1);
        }
        return chain with { Chances = chances };
    }
}
