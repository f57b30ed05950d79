using System.Numerics.Tensors;

namespace AshNotch.Core.Chain;

/// <summary>
/// The inverse of a matrix whose diagonal outweighs the rest of each row, as that of a chain does in which every step may be the last.
/// Elimination needs no exchange of rows there (Golub &amp; Van Loan, <i>Matrix Computations</i>, ch. 4.1). Written by hand because two
/// hundred draws a ranking wait for it: the library's general inverse takes several times as long.
/// </summary>
internal static class DominantInverse
{
    /// <summary>Turns a matrix, row after row, into its inverse, in place (Gauss and Jordan).</summary>
    public static void Of(Span<double> matrix, int n)
    {
        for (var k = 0; k < n; k++)
        {
            var pivotRow = matrix.Slice(k * n, n);
            var pivot = pivotRow[k];
            pivotRow[k] = 1;
            TensorPrimitives.Divide(pivotRow, pivot, pivotRow);
            for (var i = 0; i < n; i++)
            {
                var row = matrix.Slice(i * n, n);
                if (i == k || row[k] == 0)
                    continue;
                var factor = row[k];
                row[k] = 0;
                TensorPrimitives.MultiplyAdd(pivotRow, -factor, row, row);
            }
        }
    }
}
