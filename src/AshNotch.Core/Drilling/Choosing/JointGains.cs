using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;

namespace AshNotch.Core.Drilling.Choosing;

/// <summary>
/// What getting better at several exchanges at once would bring, over draws of what is held possible. Gains overlap: who no longer gets passed
/// has less use for an escape, so after each choice the chain is solved anew with it improved.
/// </summary>
public sealed class JointGains
{
    private readonly RollChain[] chains;
    private readonly double[] before;
    private readonly double[] rewards;

    /// <summary>Draws the chains, in parallel, with the same result.</summary>
    /// <param name="model">What the log says of its practitioner.</param>
    /// <param name="rewards">What each exit is worth, in the order of the shape's exits.</param>
    /// <param name="against">Against whom.</param>
    /// <param name="draws">How many draws.</param>
    public JointGains(SkillModel model, double[] rewards, Against against, int draws)
    {
        this.rewards = rewards;
        chains = new RollChain[draws];
        before = new double[draws];
        Parallel.For(
            0,
            draws,
            d =>
            {
                chains[d] = model.Drawn(d, against);
                before[d] = ChainValue.Solve(chains[d], rewards).PerRoll;
            }
        );
    }

    /// <summary>For each draw, what all of them together would bring a roll.</summary>
    public double[] Of(IReadOnlyList<Way> set)
    {
        var gains = new double[chains.Length];
        Parallel.For(0, gains.Length, d => gains[d] = ChainValue.Solve(With(chains[d], set), rewards).PerRoll - before[d]);
        return gains;
    }

    /// <summary>For each of some exchanges what it would bring beyond a set that is chosen already, in the mean of the draws.</summary>
    public double[] Beyond(IReadOnlyList<Way> set, IReadOnlyList<Way> more)
    {
        var of = new double[chains.Length][];
        Parallel.For(
            0,
            of.Length,
            d =>
            {
                var chain = With(chains[d], set);
                var value = ChainValue.Solve(chain, rewards);
                of[d] = [.. more.Select(w => Gain(value, chain.Shape, w))];
            }
        );
        return [.. more.Select((_, i) => of.Average(d => d[i]))];
    }

    private static double Gain(ChainValue value, ChainShape shape, Way way) =>
        shape.IndexOf(way.From) is var place && place >= 0 ? value.WhenOddsChange(place, shape.ExitsOf(way), way.Better).Gain : 0;

    private static RollChain With(RollChain chain, IReadOnlyList<Way> set) => WhatIf.In(chain, set.Select(w => new WhatIf(w, w.Better)));
}
