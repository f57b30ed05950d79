namespace AshNotch.Core.Chain;

/// <summary>A roll as a chain: from each place the chance of each exit in one step; what is left to 1 stays.</summary>
/// <param name="Shape">Places and exits.</param>
/// <param name="Chances">Chance of each exit per step at its place, in the order of the shape's exits.</param>
/// <param name="Start">Chance of each place to be the start of an exchange; sums to 1.</param>
/// <param name="Ends">Chance that a step is the last of the roll, above 0.</param>
public sealed record RollChain(ChainShape Shape, double[] Chances, double[] Start, double Ends)
{
    /// <summary>The chain in which the odds of some exits of one place are multiplied, and nothing else is.</summary>
    /// <param name="place">Index of the place.</param>
    /// <param name="chosen">Indices of those of its exits.</param>
    /// <param name="odds">What their odds against everything else there are multiplied by, above 0.</param>
    public RollChain WithOdds(int place, IReadOnlyCollection<int> chosen, double odds)
    {
        var chances = (double[])Chances.Clone();
        var rate = chosen.Sum(e => chances[e]);
        var rest = 1 / (1 - rate + odds * rate);
        foreach (var e in Shape.ExitsOf(place))
            chances[e] *= rest * (chosen.Contains(e) ? odds : 1);
        return this with { Chances = chances };
    }
}
