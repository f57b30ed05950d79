using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling;

/// <summary>The focus that holds now, and how it stands in the ranking.</summary>
/// <param name="Focus">What was chosen last.</param>
/// <param name="Say">It in words.</param>
/// <param name="Spot">How it stands now; null when it no longer appears.</param>
/// <param name="Caution">What to say of its move, or null.</param>
public sealed record FocusInForce(Focus Focus, string Say, WeakSpot? Spot, string? Caution)
{
    /// <summary>The focus that was chosen last, or null when none was.</summary>
    public static FocusInForce? Of(Drills drills, WeakSpots ranking, MatVocabulary vocabulary)
    {
        if (drills.Focuses.Count == 0)
            return null;
        var focus = drills.Focuses[^1];
        var spot = ranking.Spots.FirstOrDefault(s => s.Way == focus.Way.OnBothSides());
        return new FocusInForce(focus, WayWords.AsWork(focus.Way, vocabulary), spot, vocabulary.Move(focus.Way.Move)?.Caution);
    }
}
