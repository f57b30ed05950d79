namespace AshNotch.Core.Costs;

/// <summary>The likely range of a share that was counted (Wilson 1927; Newcombe 1998, method 3).</summary>
public static class Wilson
{
    /// <summary>Standard deviations either way that hold four times in five.</summary>
    public const double FourInFive = 1.2815515655446004;

    /// <summary>The range, both ends from 0 to 1.</summary>
    /// <param name="count">How often it happened.</param>
    /// <param name="of">How often it could have; nothing is known at 0.</param>
    /// <param name="deviations">How many standard deviations either way.</param>
    public static (double Low, double High) Of(int count, int of, double deviations = FourInFive)
    {
        if (of == 0)
            return (0, 1);
        var square = deviations * deviations;
        var middle = 2 * count + square;
        var half = deviations * Math.Sqrt(square + 4.0 * count * (of - count) / of);
        var whole = 2 * (of + square);
        return (count == 0 ? 0 : (middle - half) / whole, count == of ? 1 : (middle + half) / whole);
    }
}
