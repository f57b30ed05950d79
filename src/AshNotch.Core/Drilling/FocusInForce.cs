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
    /// <summary>The main focus of the block that runs on a day, else what was chosen last without one; null when nothing was.</summary>
    public static FocusInForce? Of(Drills drills, DateOnly day, WeakSpots ranking, MatVocabulary vocabulary)
    {
        var block = drills.Running(day) is { } running && running.Start <= day ? running : null;
        var focus = block is null
            ? (drills.Focuses is [.., var last] ? last : null)
            : new Focus(block.Focuses[0].Way, block.Start, block.Reason);
        if (focus is null)
            return null;
        var spot = ranking.Spots.FirstOrDefault(s => s.Way == focus.Way.OnBothSides());
        return new FocusInForce(focus, WayWords.AsWork(focus.Way, vocabulary), spot, vocabulary.Move(focus.Way.Move)?.Caution);
    }
}
