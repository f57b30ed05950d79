using AshNotch.Core.Matches;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;

namespace AshNotch.App.Views;

/// <summary>A match of a day.</summary>
/// <param name="Row">The roll, with its picture.</param>
/// <param name="Computed">What is computed, mine first.</param>
/// <param name="Say">How it stands, a sentence.</param>
/// <param name="Official">What the referee said, mine first; null where nobody told.</param>
/// <param name="Result">Who was given it, in words.</param>
/// <param name="Differs">In what the two differ, each a sentence.</param>
/// <param name="Asked">How many questions its result hangs on.</param>
public sealed record MatchRow(
    RollRow Row,
    string Computed,
    string Say,
    string? Official,
    string Result,
    IReadOnlyList<string> Differs,
    int Asked
)
{
    /// <summary>The row of a match.</summary>
    public static MatchRow Of(LoggedRoll logged, LogCache cache)
    {
        var log = cache.Log;
        var rules = cache.Rulebook.Of(logged);
        var ledger = Ledger.Of(logged.Roll, rules, cache.Vocabulary);
        return new MatchRow(
            RollRow.Of(logged, log, cache.ValuesAtHand(cache.Goal)),
            ScoreSaid.Of(ledger.State),
            LedgerWords.Standing(ledger),
            ScoreSaid.Of(logged.Roll.Official),
            MatchResult.Of(logged.Roll, ledger).Say,
            Compared.Of(logged.Roll.Official, ledger),
            HeldQuestions.Of(logged.Roll, rules, cache.Vocabulary).Count
        );
    }
}
