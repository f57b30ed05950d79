using AshNotch.Core.Rolls;

namespace AshNotch.Core.Scoring;

/// <summary>What changes of place are worth under a set of rules. Values are data, not code, so that a user can correct them.</summary>
/// <param name="Id">Id of the ruleset.</param>
/// <param name="Name">Its name in running text.</param>
/// <param name="Source">Where the values come from.</param>
/// <param name="Takedown">From the feet to the top of a guard.</param>
/// <param name="TakedownPastGuard">From the feet to the top, past the legs.</param>
/// <param name="Sweep">From a guard to the top of one.</param>
/// <param name="SweepPastGuard">From a guard to the top, past the legs.</param>
/// <param name="Pass">Past the legs to a pin.</param>
/// <param name="KneeOnBelly">Knee on belly.</param>
/// <param name="Mount">Mount.</param>
/// <param name="Back">Back control with both hooks.</param>
/// <param name="Tap">What a tap counts as beside points; a choice of this tool, no rule book says it.</param>
public sealed record Ruleset(
    string Id,
    string Name,
    string Source,
    int Takedown,
    int TakedownPastGuard,
    int Sweep,
    int SweepPastGuard,
    int Pass,
    int KneeOnBelly,
    int Mount,
    int Back,
    int Tap
)
{
    /// <summary>The highest a change of place or a tap can be set to.</summary>
    public const int Most = 100;

    /// <summary>The rules a user sets for themselves begin as these and keep their id.</summary>
    public const string HouseId = "house";

    /// <summary>The values of the rules of a match, without the clock and the seconds of control.</summary>
    internal static Ruleset Of(MatchRules rules) =>
        new(
            rules.Family,
            rules.Name.Split(',')[0],
            rules.Source,
            rules.Worth(ScoredFor.Takedown),
            rules.Worth(ScoredFor.Takedown, pastGuard: true),
            rules.Worth(ScoredFor.Sweep),
            rules.Worth(ScoredFor.Sweep, pastGuard: true),
            rules.Worth(ScoredFor.Pass),
            rules.Worth(ScoredFor.KneeOnBelly),
            rules.Worth(ScoredFor.Mount),
            rules.Worth(ScoredFor.Back),
            rules.Tap
        );

    /// <summary>These values in rules for matches, which take the rest from others.</summary>
    public MatchRules In(MatchRules others) =>
        others with
        {
            Scores =
            [
                .. others.Scores.Select(s =>
                    s.For switch
                    {
                        ScoredFor.Takedown => s with { Points = Takedown, PastGuard = TakedownPastGuard },
                        ScoredFor.Sweep => s with { Points = Sweep, PastGuard = SweepPastGuard },
                        ScoredFor.Pass => s with { Points = Pass },
                        ScoredFor.KneeOnBelly => s with { Points = KneeOnBelly },
                        ScoredFor.Mount => s with { Points = Mount },
                        ScoredFor.Back => s with { Points = Back },
                        _ => s,
                    }
                ),
            ],
            Tap = Tap,
        };

    /// <summary>Federation points, gi and no-gi.</summary>
    public static Ruleset Federation { get; } = Rulesets.All.First(r => r.Id == "federation");
}
