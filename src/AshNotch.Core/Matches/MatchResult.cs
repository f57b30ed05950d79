using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Matches;

/// <summary>Who won a match: by the referee where one is told, else by what is written.</summary>
/// <param name="Winner">Who; a draw where it is level.</param>
/// <param name="Say">In words: <c>Won by points</c>.</param>
public sealed record MatchResult(MatchWinner Winner, string Say)
{
    /// <summary>What several came to: <c>2 won, 1 lost</c>; empty where there is none.</summary>
    public static string Sum(IEnumerable<MatchResult> results)
    {
        var winners = results.Select(r => r.Winner).ToList();
        return string.Join(
            ", ",
            new[] { (MatchWinner.Me, "won"), (MatchWinner.Partner, "lost"), (MatchWinner.Draw, "level") }
                .Select(p => (Count: winners.Count(w => w == p.Item1), Word: p.Item2))
                .Where(p => p.Count > 0)
                .Select(p => string.Create(CultureInfo.InvariantCulture, $"{p.Count} {p.Word}"))
        );
    }

    /// <summary>The result of a match.</summary>
    public static MatchResult Of(Roll roll, Ledger ledger)
    {
        var winner =
            roll.Official?.Winner
            ?? ledger.Leader switch
            {
                Who.Me => MatchWinner.Me,
                Who.Partner => MatchWinner.Partner,
                _ => MatchWinner.Draw,
            };
        var by = roll.Official?.By ?? ledger.By;
        var how = by is DecidedBy.None ? "" : $" by {(by is DecidedBy.Tap or DecidedBy.Referee ? "the " : "")}{Term.Say(by)}";
        return new MatchResult(
            winner,
            winner switch
            {
                MatchWinner.Me => "Won" + how,
                MatchWinner.Partner => "Lost" + how,
                _ => "Level",
            }
        );
    }
}
