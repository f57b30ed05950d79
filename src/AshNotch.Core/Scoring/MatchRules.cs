using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>The rules a match is scored by, as data (<c>rulesets.json</c>); every value has its source there.</summary>
/// <param name="Id">Id of the ruleset.</param>
/// <param name="Name">Its name in running text.</param>
/// <param name="Family">What the chain's points are counted by under it: gi and no-gi of one federation are one.</param>
/// <param name="Source">Where the values come from.</param>
/// <param name="Attire">What it is for; null for both.</param>
/// <param name="Seconds">How long a place must be held, in seconds.</param>
/// <param name="Scores">The scoring events, in the order a referee looks at them.</param>
/// <param name="Advantages">Whether there are advantages.</param>
/// <param name="BodyTriangleIsHooks">Whether a body triangle counts as hooks.</param>
/// <param name="PointsFrom">The part of the match, 0 to 1, from which on points count.</param>
/// <param name="GuardPull">Points for pulling guard, once points count; 0 or below.</param>
/// <param name="Penalties">What the first penalty does, the second, and so on; the last goes on.</param>
/// <param name="Decided">What decides, in order.</param>
/// <param name="Tap">What a tap counts as beside points in the chain; a choice of this tool.</param>
/// <param name="Minutes">How long matches last; the first row that fits.</param>
/// <param name="Barred">Which moves are for whom; the first row that names a move counts, what none names is not known.</param>
public sealed record MatchRules(
    string Id,
    string Name,
    string Family,
    string Source,
    Attire? Attire,
    double Seconds,
    IReadOnlyList<Score> Scores,
    bool Advantages,
    bool BodyTriangleIsHooks,
    double PointsFrom,
    int GuardPull,
    IReadOnlyList<PenaltyStep> Penalties,
    IReadOnlyList<DecidedBy> Decided,
    int Tap,
    IReadOnlyList<MatchMinutes> Minutes,
    IReadOnlyList<BarredRow> Barred
)
{
    /// <summary>Points for an event; 0 for one that is no scoring event here.</summary>
    /// <param name="scored">The event.</param>
    /// <param name="pastGuard">It ended past the legs.</param>
    public int Worth(ScoredFor scored, bool pastGuard = false) =>
        Scores.FirstOrDefault(s => s.For == scored) is not { } score ? 0
        : pastGuard ? score.PastGuard ?? score.Points
        : score.Points;

    /// <summary>How long a match of a division lasts, in minutes; null where no row says.</summary>
    public double? MinutesFor(AgeDivision age, Belt belt) =>
        Minutes.FirstOrDefault(m => m.Ages?.Contains(age) != false && m.Belts?.Contains(belt) != false)?.Minutes;
}
