using AshNotch.Core.Matches;
using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Drilling;

/// <summary>Everything one practitioner keeps: the log of what happened, and beside it what they chose to drill and keep for matches.</summary>
/// <param name="Log">The log.</param>
/// <param name="Drills">What was chosen.</param>
public sealed record Diary(Log Log, Drills Drills)
{
    /// <summary>What is kept for matches.</summary>
    public MatchBook Matches { get; init; } = MatchBook.None;

    /// <summary>What they are afraid of.</summary>
    public IReadOnlyList<Fear> Fears { get; init; } = [];

    /// <summary>A log of which nothing was drilled.</summary>
    public static Diary Of(Log log) => new(log, Drills.None);
}
