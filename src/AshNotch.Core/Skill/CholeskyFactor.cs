using System.Numerics.Tensors;

namespace AshNotch.Core.Skill;

/// <summary>
/// The lower factor L of a positive definite matrix, <c>A = L·L'</c> (Golub &amp; Van Loan, <i>Matrix Computations</i>, ch. 4.2). Written by
/// hand because the library's takes many times as long at the hundred or so numbers of a fit; a test holds it against the library's.
/// </summary>
public sealed class CholeskyFactor
{
    private readonly double[] lower;
    private readonly int n;

    private CholeskyFactor(double[] lower, int n)
    {
        this.lower = lower;
        this.n = n;
    }

    /// <summary>Factors a matrix given row after row; only its lower triangle is read.</summary>
    /// <exception cref="ArgumentException">The matrix is not positive definite.</exception>
    public static CholeskyFactor Of(ReadOnlySpan<double> matrix, int n)
    {
        var lower = new double[n * n];
        for (var i = 0; i < n; i++)
        {
            var row = lower.AsSpan(i * n, i + 1);
            for (var j = 0; j < i; j++)
                row[j] = (matrix[i * n + j] - TensorPrimitives.Dot<double>(row[..j], lower.AsSpan(j * n, j))) / lower[j * n + j];
            var left = matrix[i * n + i] - TensorPrimitives.Dot<double>(row[..i], row[..i]);
            if (!(left > 0))
                throw new ArgumentException("The matrix is not positive definite.", nameof(matrix));
            row[i] = Math.Sqrt(left);
        }
        return new CholeskyFactor(lower, n);
    }

    /// <summary>Logarithm of the determinant of the matrix.</summary>
    public double LogDeterminant
    {
        get
        {
            var sum = 0.0;
            for (var i = 0; i < n; i++)
                sum += 2 * Math.Log(lower[i * n + i]);
            return sum;
        }
    }

    /// <summary>Solves <c>A·x = b</c>.</summary>
    public double[] Solve(ReadOnlySpan<double> b)
    {
        var x = b.ToArray();
        for (var i = 0; i < n; i++)
            x[i] = (x[i] - TensorPrimitives.Dot<double>(lower.AsSpan(i * n, i), x.AsSpan(0, i))) / lower[i * n + i];
        SolveUpper(x);
        return x;
    }

    /// <summary>
    /// Solves <c>L'·x = z</c> in place: of independent standard normal numbers it makes numbers whose covariance is the matrix's inverse.
    /// </summary>
    public void SolveUpper(Span<double> z)
    {
        for (var i = n - 1; i >= 0; i--)
        {
            z[i] /= lower[i * n + i];
            TensorPrimitives.MultiplyAdd(lower.AsSpan(i * n, i), -z[i], z[..i], z[..i]);
        }
    }
}
