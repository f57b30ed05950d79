using AshNotch.Core.Chain;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>What it is worth to be in a place: the expected net result from there to the end of the roll, against my usual partners.</summary>
public sealed class PlaceValues
{
    private readonly ChainShape shape;
    private readonly ChainValue value;

    private PlaceValues(ChainShape shape, ChainValue value, Aim aim, MatVocabulary vocabulary, double spread)
    {
        this.shape = shape;
        this.value = value;
        Aim = aim;
        Vocabulary = vocabulary;
        Spread = spread;
    }

    /// <summary>The aim that says in which unit.</summary>
    public Aim Aim { get; }

    /// <summary>The vocabulary.</summary>
    public MatVocabulary Vocabulary { get; }

    /// <summary>How far the best and the worst place that were seen lie apart.</summary>
    public double Spread { get; }

    /// <summary>The values that a log taught.</summary>
    public static PlaceValues Of(Experience experience, Goal goal)
    {
        var model = experience.Model;
        var rewards = Reward.Of(goal, experience.Vocabulary, model.Shape);
        var value = ChainValue.Solve(model.Expected(Against.Usual), rewards);
        var seen = value.Values.Where((_, place) => model.Seen[place] > 0).DefaultIfEmpty(0).ToList();
        return new PlaceValues(model.Shape, value, goal.Aim, experience.Vocabulary, seen.Max() - seen.Min());
    }

    /// <summary>The value of a place; null where it is not known or was never met.</summary>
    public double? Of(PlaceId? place) => place is { } known && shape.IndexOf(known) is var index && index >= 0 ? value.Values[index] : null;
}
