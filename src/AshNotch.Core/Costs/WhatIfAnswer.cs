using AshNotch.Core.Chain;
using AshNotch.Core.Skill;

namespace AshNotch.Core.Costs;

/// <summary>What some changes would do, as expected.</summary>
/// <param name="Before">Value of a roll as it is.</param>
/// <param name="After">Value of a roll if they held.</param>
/// <param name="First">The weak spots that would then come first, in a sentence each.</param>
/// <param name="Say">The change in a sentence.</param>
public sealed record WhatIfAnswer(double Before, double After, IReadOnlyList<string> First, string Say)
{
    private const int Shown = 3;

    /// <summary>Thinks changes through.</summary>
    public static WhatIfAnswer Of(Experience experience, Goal goal, Against against, IReadOnlyList<WhatIf> changes)
    {
        var (_, walk, model, vocabulary) = experience;
        var rewards = Reward.Of(goal, vocabulary, model.Shape);
        var expected = model.Expected(against);
        var before = ChainValue.Solve(expected, rewards).PerRoll;
        var then = ChainValue.Solve(WhatIf.In(expected, changes), rewards);
        var first = Candidate
            .Of(walk)
            .Where(c => c.Attempts >= WeakSpotRanking.Few)
            .Select(c => (c, then.WhenOddsChange(model.Shape.IndexOf(c.Way.From), model.Shape.ExitsOf(c.Way), c.Way.Better).Gain))
            .OrderByDescending(c => c.Gain)
            .Take(Shown)
            .Where(c => c.Gain > 0)
            .Select(c => Saying.Brief(c.c, c.Gain, goal.Aim, vocabulary));
        return new WhatIfAnswer(before, then.PerRoll, [.. first], Saying.Moved(before, then.PerRoll, goal.Aim));
    }
}
