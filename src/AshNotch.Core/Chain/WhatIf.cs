using AshNotch.Core.Rolls;

namespace AshNotch.Core.Chain;

/// <summary>A change to think through: the odds of one exchange multiplied.</summary>
/// <param name="Way">The exchange.</param>
/// <param name="Odds">What its odds against everything else there are multiplied by, above 0.</param>
public sealed record WhatIf(Way Way, double Odds)
{
    /// <summary>A chain in which these changes hold, and nothing else changed. A place or exit that the chain does not have changes nothing.</summary>
    public static RollChain In(RollChain chain, IEnumerable<WhatIf> changes)
    {
        foreach (var (way, odds) in changes)
            if (chain.Shape.IndexOf(way.From) is var place && place >= 0)
                chain = chain.WithOdds(place, chain.Shape.ExitsOf(way), odds);
        return chain;
    }
}
