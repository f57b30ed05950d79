using MathNet.Numerics.Distributions;

namespace AshNotch.Core.Costs;

/// <summary>
/// Fisher's exact test (<i>The Design of Experiments</i>, 1935, ch. II): how often chance alone would put as many successes or more into the first of
/// two groups.
/// </summary>
public static class Fisher
{
    /// <summary>The one-sided probability.</summary>
    /// <param name="came">Successes of the first group.</param>
    /// <param name="of">Tries of the first group.</param>
    /// <param name="otherCame">Successes of the second.</param>
    /// <param name="otherOf">Tries of the second.</param>
    public static double OneSided(int came, int of, int otherCame, int otherOf)
    {
        var chance = new Hypergeometric(of + otherOf, came + otherCame, of);
        return Enumerable.Range(came, Math.Min(of, came + otherCame) - came + 1).Sum(chance.Probability);
    }
}
