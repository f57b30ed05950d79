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
        foreach (var change in changes)
        {
            if (chain.Shape.IndexOf(change.From) is var place && place < 0)
                continue;
            var chosen = chain.Shape.ExitsOf(place).Where(e => chain.Shape.Exits[e].Key.IsOf(change.By, change.Move, change.To));
            chain = chain.WithOdds(place, chosen.ToHashSet(), change.Odds);
        }
        return chain;
    }
}
