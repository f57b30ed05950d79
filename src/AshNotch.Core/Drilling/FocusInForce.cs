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
    /// <summary>The focus of a log, or null when none was chosen.</summary>
    public static FocusInForce? Of(Log log, WeakSpots ranking, MatVocabulary vocabulary)
    {
        if (log.Focuses.Count == 0)
            return null;
        var focus = log.Focuses[^1];
        var spot = ranking.Spots.FirstOrDefault(s => IsAbout(focus, s));
        return new FocusInForce(focus, FocusWords.Of(focus, vocabulary), spot, vocabulary.Move(focus.Move)?.Caution);
    }

    private static bool IsAbout(Focus focus, WeakSpot spot) =>
        spot.From == focus.From
        && spot.By == focus.By
        && spot.Move == focus.Move
        && (focus.Move is not null || spot.To.Contains(focus.To?.Value ?? "tap"));
}
