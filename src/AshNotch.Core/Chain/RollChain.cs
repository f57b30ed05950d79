namespace AshNotch.Core.Chain;

/// <summary>A roll as a chain: from each place the chance of each exit in one step; what is left to 1 stays.</summary>
/// <param name="Shape">Places and exits.</param>
/// <param name="Chances">Chance of each exit per step at its place, in the order of the shape's exits.</param>
/// <param name="Start">Chance of each place to be the start of an exchange; sums to 1.</param>
/// <param name="Ends">Chance that a step is the last of the roll, above 0.</param>
public sealed record RollChain(ChainShape Shape, double[] Chances, double[] Start, double Ends)
{
    /// <summary>Chance that a step from a place stays.</summary>
    public double Stay(int place)
    {
        var left = 1.0;
        foreach (var chance in Chances.AsSpan(Shape.Of(place)))
            left -= chance;
        return Math.Max(0, left);
    }
}
