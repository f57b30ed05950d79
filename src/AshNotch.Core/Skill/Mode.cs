namespace AshNotch.Core.Skill;

/// <summary>The most likely numbers of a fit, and how sharply the log says so.</summary>
/// <param name="Numbers">The numbers, as laid out.</param>
/// <param name="Precision">Factor of the negated second derivatives there: the Laplace approximation's precision.</param>
/// <param name="LogEvidence">
/// Logarithm of the log's likelihood with the numbers integrated out (Laplace), but for a constant that is the same for every prior.
/// </param>
public sealed record Mode(double[] Numbers, CholeskyFactor Precision, double LogEvidence)
{
    /// <summary>Numbers drawn from the approximation: the mode plus what independent normal deviates make of its width.</summary>
    /// <param name="deviates">Standard normal deviates, one for each number.</param>
    /// <param name="sign">1, or -1 for the antithetic draw.</param>
    public double[] Draw(double[] deviates, double sign)
    {
        var drawn = (double[])deviates.Clone();
        Precision.SolveUpper(drawn);
        for (var i = 0; i < drawn.Length; i++)
            drawn[i] = Numbers[i] + sign * drawn[i];
        return drawn;
    }
}
