using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>What the penalties of a match come to: a line for who got one, and one for the other where they get something by it.</summary>
internal static class PenaltyLines
{
    private const int PointsToTheOther = 2;

    /// <summary>The lines, in order.</summary>
    /// <param name="roll">The roll.</param>
    /// <param name="rules">What the first does, the second, and so on.</param>
    /// <param name="loser">Who lost the match by them; null for nobody.</param>
    public static IReadOnlyList<LedgerLine> Of(Roll roll, MatchRules rules, out Who? loser)
    {
        var lines = new List<LedgerLine>();
        var had = new Dictionary<Who, int> { [Who.Me] = 0, [Who.Partner] = 0 };
        loser = null;
        foreach (var penalty in rules.Penalties.Count == 0 ? [] : roll.Penalties)
        {
            var (who, count) = (penalty.By, ++had[penalty.By]);
            var step = rules.Penalties[Math.Min(count, rules.Penalties.Count) - 1];
            var exchange = ExchangeAt(roll, penalty.At);
            var what = penalty.Why is { Length: > 0 } why ? $" ({why})" : "";
            LedgerLine Line(Who by, int points, int advantages, int penalties, string said) =>
                new(exchange, null, penalty.At, by, ScoredFor.Penalty, points, advantages, penalties, said);
            lines.Add(Line(who, step == PenaltyStep.PointsOff ? -1 : 0, 0, 1, $"Penalty {count}{what}: {Does(step)}"));
            if (step == PenaltyStep.Advantage)
                lines.Add(Line(who.Other(), 0, 1, 0, "An advantage for the other's penalty."));
            if (step == PenaltyStep.Points)
                lines.Add(Line(who.Other(), PointsToTheOther, 0, 0, "Two points for the other's penalty."));
            if (step != PenaltyStep.Loss)
                continue;
            // With that the match is over.
            loser = who;
            break;
        }
        return lines;
    }

    private static string Does(PenaltyStep step) =>
        step switch
        {
            PenaltyStep.Advantage => "the other gets an advantage.",
            PenaltyStep.Points => "the other gets two points.",
            PenaltyStep.Loss => "the match is lost.",
            PenaltyStep.PointsOff => "a point is taken off.",
            _ => "noted.",
        };

    // The last exchange in which something had happened by then.
    private static int ExchangeAt(Roll roll, RollTime? at) =>
        at is not { } time
            ? 0
            : Math.Max(0, roll.Exchanges.Select((e, i) => (e, i)).LastOrDefault(x => x.e.Notches.Any(n => n.At is { } t && t <= time)).i);
}
