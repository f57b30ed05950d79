using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>Where a match hangs on whether a place was held, and nothing says so.</summary>
public static class HeldQuestions
{
    /// <summary>The lines to ask about, in order: each that alone would change who won, and all of them where only all together would.</summary>
    public static IReadOnlyList<LedgerLine> Of(Roll roll, MatchRules rules, MatVocabulary vocabulary)
    {
        if (roll.Kind != RollKind.Match)
            return [];
        var now = Ledger.Of(roll, rules, vocabulary);
        if (now.By == DecidedBy.Tap || IsAnswered(roll, now))
            return [];
        List<LedgerLine> open = [.. now.Lines.Where(l => l.HeldUnsaid).DistinctBy(l => (l.Exchange, l.Notch))];
        List<LedgerLine> alone = [.. open.Where(l => Differs(l))];
        return alone.Count > 0 || now.NotHeld.Ahead(rules) == now.State.Ahead(rules) ? alone : open;

        bool Differs(LedgerLine line)
        {
            var other = Ledger.Of(Without(roll, line), rules, vocabulary);
            return (other.Leader, other.By) != (now.Leader, now.By);
        }
    }

    // The board says the same, so that nothing is left to ask.
    private static bool IsAnswered(Roll roll, Ledger now) =>
        roll.Official is { Me.Points: { } mine, Partner.Points: { } theirs }
        && (mine, theirs) == (now.State.Me.Points, now.State.Partner.Points)
        && roll.Official.Winner
            == now.Leader switch
            {
                Who.Me => MatchWinner.Me,
                Who.Partner => MatchWinner.Partner,
                _ => MatchWinner.Draw,
            };

    private static Roll Without(Roll roll, LedgerLine line) =>
        roll with
        {
            Exchanges =
            [
                .. roll.Exchanges.Select(
                    (e, i) =>
                        i != line.Exchange
                            ? e
                            : e with
                            {
                                Notches = [.. e.Notches.Select((n, j) => j == line.Notch ? n with { Held = false } : n)],
                            }
                ),
            ],
        };
}
