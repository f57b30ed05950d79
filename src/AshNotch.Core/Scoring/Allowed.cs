using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>Whether rules let somebody do a move.</summary>
/// <param name="Standing">Whether they do.</param>
/// <param name="Why">The rule, in words without a stop; null where no rule known here names the move.</param>
public sealed record Allowed(AllowedStanding Standing, string? Why)
{
    /// <summary>What rules say of a move for somebody. The first row that names it counts; what none names is not known.</summary>
    public static Allowed Of(Move move, MatchRules rules, Competitor who) =>
        rules.Barred.FirstOrDefault(r => r.Names(move)) is not { } row
            ? new Allowed(AllowedStanding.NotKnown, null)
            : new Allowed(row.Bars(who) ? AllowedStanding.Barred : AllowedStanding.Allowed, row.Why);
}
