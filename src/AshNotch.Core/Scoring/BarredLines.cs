using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>What was done in a match that its rules bar; the referee decides what comes of it, so that nothing is counted.</summary>
internal static class BarredLines
{
    /// <summary>A line for each notch of a barred move, in the order of the match.</summary>
    public static IEnumerable<LedgerLine> Of(Roll roll, MatchRules rules, MatVocabulary vocabulary, Pairing two)
    {
        var clock = new RollClock(roll);
        for (var e = 0; e < roll.Exchanges.Count; e++)
        for (var n = 0; n < roll.Exchanges[e].Notches.Count; n++)
        {
            var notch = roll.Exchanges[e].Notches[n];
            if (notch.Outcome == Outcome.Threatened || vocabulary.Move(notch.Move) is not { } move)
                continue;
            var said = Allowed.Of(move, rules, two.Of(notch.By));
            if (said.Standing == AllowedStanding.Barred)
                yield return new LedgerLine(
                    e,
                    n,
                    clock.At(notch),
                    notch.By,
                    ScoredFor.Penalty,
                    0,
                    0,
                    0,
                    $"Not allowed here: {said.Why}. A referee penalizes it or ends the match; write it under penalties if one did."
                );
        }
    }
}
