using AshNotch.Core.Costs;
using AshNotch.Core.Repertoire;
using MathNet.Numerics.Distributions;

namespace AshNotch.Core.Tests.Repertoire;

public class StrataTests
{
    // Admissions at Berkeley by department, as R ships them (UCBAdmissions); R's documented mantelhaen.test gives a common odds ratio of
    // 0.9046968 and a 95 % interval of 0.7719074 to 1.0603298 (values from memory of R's output).
    [Fact]
    public void The_common_odds_ratio_and_its_range_are_those_of_R()
    {
        var strata = new Strata();
        foreach (
            var (men, menNot, women, womenNot) in (ReadOnlySpan<(int, int, int, int)>)
                [(512, 313, 89, 19), (353, 207, 17, 8), (120, 205, 202, 391), (138, 279, 131, 244), (53, 138, 94, 299), (22, 351, 24, 317)]
        )
            strata.Add(men, men + menNot, men + women, men + menNot + women + womenNot);
        var (low, high) = strata.Range(1.959963985);
        Assert.Equal(0.9046968, strata.Odds, 6);
        Assert.Equal(0.7719074, low, 6);
        Assert.Equal(1.0603298, high, 6);
    }

    // Penicillin and rabbits (Armitage), as R ships them; R's documented exact test gives a two-sided p of 0.03994 (from memory of R's output).
    [Fact]
    public void The_exact_test_is_that_of_R()
    {
        var strata = new Strata();
        foreach (
            var (cured, of, later, laterOf) in (ReadOnlySpan<(int, int, int, int)>)
                [(0, 6, 0, 5), (3, 6, 0, 6), (6, 6, 2, 6), (5, 6, 6, 6), (2, 2, 5, 5)]
        )
            strata.Add(cured, of, cured + later, of + laterOf);
        Assert.Equal(0.03994, 2 * strata.OneSided(), 4);
    }

    [Fact]
    public void One_stratum_is_Fishers_tea()
    {
        var strata = new Strata();
        strata.Add(3, 4, 4, 8);
        Assert.Equal(17.0 / 70, strata.OneSided(), 12);
        Assert.Equal(17.0 / 70 - 16.0 / 70 / 2, strata.MidP(), 12);
        Assert.Equal(2, strata.Expected);
        Assert.Equal(new Hypergeometric(8, 4, 4).Variance, strata.Variance, 12);
    }

    [Fact]
    public void Strata_of_hundreds_of_steps_are_no_trouble()
    {
        var strata = new Strata();
        for (var i = 0; i < 12; i++)
            strata.Add(40, 400, 130, 1500);
        Assert.InRange(strata.OneSided(), 0.00001, 0.01);
        Assert.InRange(strata.Odds, 1, 1.5);
    }

    [Fact]
    public void Where_none_of_the_others_succeeded_the_odds_have_no_end()
    {
        var strata = new Strata();
        strata.Add(3, 5, 3, 20);
        Assert.True(double.IsPositiveInfinity(strata.Odds));
        Assert.True(double.IsPositiveInfinity(strata.Range().High));
        Assert.Equal(Fisher.OneSided(3, 5, 0, 15), strata.OneSided(), 12);
    }
}
