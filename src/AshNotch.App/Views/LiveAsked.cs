using AshNotch.Core.Matches;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>A match that goes on.</summary>
/// <param name="Roll">The id of the roll that it becomes.</param>
/// <param name="Opponent">Whom it is against.</param>
/// <param name="Events">What was pressed, in order.</param>
/// <param name="Elapsed">Seconds since it began; null where no clock runs.</param>
/// <param name="Minutes">How long it lasts; null for what the day says.</param>
/// <param name="Keep">It is over, and goes into the log.</param>
public sealed record LiveAsked(
    string Roll,
    string? Opponent,
    IReadOnlyList<LiveAsked.Press> Events,
    int? Elapsed = null,
    double? Minutes = null,
    bool Keep = false
)
{
    /// <summary>One press.</summary>
    /// <param name="By">Whose.</param>
    /// <param name="For">What.</param>
    /// <param name="How">How it came out.</param>
    /// <param name="At">Seconds since the match began; null where no clock ran.</param>
    public sealed record Press(Who By, ScoredFor For, LiveHow How = LiveHow.Scored, int? At = null);
}
