namespace AshNotch.Core.Scoring;

/// <summary>What changes of place are worth under a set of rules. Values are data, not code, so that a user can correct them.</summary>
/// <param name="Id">Id of the ruleset.</param>
/// <param name="Name">Its name in running text.</param>
/// <param name="Source">Where the values come from.</param>
/// <param name="Takedown">From the feet to the top.</param>
/// <param name="Sweep">From a guard to the top.</param>
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
    int Sweep,
    int Pass,
    int KneeOnBelly,
    int Mount,
    int Back,
    int Tap
)
{
    /// <summary>Federation points, gi and no-gi. Source: IBJJF rule book, values from memory.</summary>
    public static Ruleset Federation { get; } =
        new("federation", "Federation points", "IBJJF rule book (values from memory)", 2, 2, 3, 2, 4, 4, 10);
}
