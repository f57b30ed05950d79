using System.Numerics.Tensors;
using AshNotch.Core.Chain;
using AshNotch.Core.Skill;

namespace AshNotch.Core.Costs;

/// <summary>What getting better at each of some candidates would bring, over draws of what is held possible.</summary>
/// <param name="OfDraw">For each draw the gain of each candidate.</param>
/// <param name="First">For each draw which candidate came first; -1 where none gains.</param>
public sealed record Gains(double[][] OfDraw, int[] First)
{
    /// <summary>How many draws are made.</summary>
    public const int Draws = 200;

    /// <summary>Solves every draw; in parallel, with the same result.</summary>
    /// <param name="model">The model.</param>
    /// <param name="candidates">The exits of each candidate, by the model's shape, and what their odds are multiplied by.</param>
    /// <param name="rewards">What each exit is worth.</param>
    /// <param name="against">Against whom.</param>
    /// <param name="draws">How many draws.</param>
    public static Gains Of(
        SkillModel model,
        IReadOnlyList<(int Place, int[] Exits, double Odds)> candidates,
        double[] rewards,
        Against against,
        int draws = Draws
    )
    {
        var gains = new double[draws][];
        Parallel.For(
            0,
            draws,
            draw =>
            {
                var value = ChainValue.Solve(model.Drawn(draw, against), rewards);
                var gained = gains[draw] = new double[candidates.Count];
                for (var i = 0; i < gained.Length; i++)
                    gained[i] = value.WhenOddsChange(candidates[i].Place, candidates[i].Exits, candidates[i].Odds).Gain;
            }
        );
        return new Gains(gains, [.. gains.Select(Best)]);
    }

    /// <summary>Mean gain of a candidate, its likely range (10th to 90th percentile), and in what share of the draws it came first.</summary>
    public (double Mean, double Low, double High, double FirstShare) Of(int candidate)
    {
        var (mean, low, high) = Quantiles.Of(OfDraw.Select(g => g[candidate]));
        return (mean, low, high, (double)First.Count(f => f == candidate) / OfDraw.Length);
    }

    private static int Best(double[] gains)
    {
        var best = TensorPrimitives.IndexOfMax<double>(gains);
        return best >= 0 && gains[best] > 0 ? best : -1;
    }
}
