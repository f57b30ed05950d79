using AshNotch.Core.Chain;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using MathNet.Numerics.LinearAlgebra;

namespace AshNotch.Core.Tests;

/// <summary>The fit against things outside the project.</summary>
public class SkillFitTests
{
    /// <summary>
    /// With two outcomes and flat priors the fit is plain logistic regression. R's <c>glm(am ~ wt, binomial, mtcars)</c> gives 12.040
    /// (s.e. 4.510) and -4.024 (1.436). Data: Henderson and Velleman 1981, as in R's mtcars (typed in from memory).
    /// </summary>
    [Fact]
    public void With_two_outcomes_and_flat_priors_it_is_logistic_regression()
    {
        (double Weight, int Manual)[] cars =
        [
            (2.620, 1),
            (2.875, 1),
            (2.320, 1),
            (3.215, 0),
            (3.440, 0),
            (3.460, 0),
            (3.570, 0),
            (3.190, 0),
            (3.150, 0),
            (3.440, 0),
            (3.440, 0),
            (4.070, 0),
            (3.730, 0),
            (3.780, 0),
            (5.250, 0),
            (5.424, 0),
            (5.345, 0),
            (2.200, 1),
            (1.615, 1),
            (1.835, 1),
            (2.465, 0),
            (3.520, 0),
            (3.435, 0),
            (3.840, 0),
            (3.845, 0),
            (1.935, 1),
            (2.140, 1),
            (1.513, 1),
            (3.170, 1),
            (2.770, 1),
            (3.570, 1),
            (2.780, 1),
        ];
        var tally = new Tally(
            new ChainShape([PlaceId.Standing], []),
            [.. cars.Select(c => new Setting(-1, 0, c.Weight, false))],
            [],
            [.. cars.Select(_ => 1.0 / cars.Length)],
            [.. cars.Select((c, i) => new Cell(0, i) { Mine = c.Manual, Stays = 1 - c.Manual })],
            [],
            [],
            [1],
            [cars.Length],
            []
        );
        var layout = new SkillLayout(tally, MatVocabulary.BuiltIn);
        Span<int> which = stackalloc int[14];
        Span<double> factor = stackalloc double[14];
        var terms = layout.Terms(0, new Setting(-1, 0, 7, false), Who.Me, which, factor);
        var slope = which[factor[..terms].IndexOf(-7)];
        // Flat for the intercept and the slope; everything else is held at nought.
        var precision = Enumerable.Range(0, layout.Count).Select(i => i == 0 || i == slope ? 1e-12 : 1e12).ToArray();
        var mode = SkillFit.Of(tally, layout, (_, by) => by == Who.Me ? 0 : -500, (new double[layout.Count], precision));
        double Error(int number)
        {
            var one = new double[layout.Count];
            one[number] = 1;
            return Math.Sqrt(mode.Precision.Solve(one)[number]);
        }
        Assert.Equal((12.040, 4.024), (Math.Round(mode.Numbers[0], 3), Math.Round(mode.Numbers[slope], 3)));
        // R takes the errors from the weights of its last step but one, hence the third digit.
        Assert.Equal(4.510, Error(0), 0.001);
        Assert.Equal(1.436, Error(slope), 0.001);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public void The_factor_by_hand_is_the_librarys(int seed)
    {
        var random = new Random(seed);
        const int Size = 25;
        var root = Matrix<double>.Build.Dense(Size, Size, (_, _) => random.NextDouble() - 0.5);
        var matrix = root * root.Transpose() + Matrix<double>.Build.DenseIdentity(Size);
        var library = matrix.Cholesky();
        var ours = CholeskyFactor.Of(matrix.ToRowMajorArray(), Size);
        var b = Enumerable.Range(0, Size).Select(i => Math.Sin(i)).ToArray();
        Assert.Equal(library.DeterminantLn, ours.LogDeterminant, 9);
        Assert.All(library.Solve(Vector<double>.Build.Dense(b)).Zip(ours.Solve(b)), p => Assert.Equal(p.First, p.Second, 9));
        var upper = (double[])b.Clone();
        ours.SolveUpper(upper);
        Assert.All(library.Factor.Transpose().Solve(Vector<double>.Build.Dense(b)).Zip(upper), p => Assert.Equal(p.First, p.Second, 9));
        Assert.Throws<ArgumentException>(() => CholeskyFactor.Of([1, 0, 0, -1], 2));
    }
}
