using System.Globalization;
using AshNotch.Core.Reading.Around;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>What a telling says of how a match came out: <c>lost 4-2</c>, <c>won on advantages</c>.</summary>
internal static class ToldResult
{
    /// <summary>The result as a referee's. Of two numbers the larger is the winner's, however they are put.</summary>
    /// <param name="facts">What is told.</param>
    /// <param name="known">What is known besides; given back where nothing is told.</param>
    public static OfficialResult? Of(IReadOnlyList<ToldFact> facts, OfficialResult? known = null)
    {
        var score = facts.FirstOrDefault(f => f.Of == HeadField.Result)?.Value;
        var decision = facts.FirstOrDefault(f => f.Of == HeadField.Decision)?.Value;
        if (score is null && decision is null)
            return known;
        var (me, partner) = (known?.Me, known?.Partner);
        MatchWinner? winner = null;
        if (score?.Split(' ') is [var verb, var pair] && pair.Split('–') is [var one, var other])
        {
            var (a, b) = (Number(one), Number(other));
            var mine = verb is "Won" or "Up" ? Math.Max(a, b) : Math.Min(a, b);
            (me, partner) = (new OfficialScore(mine, null, null), new OfficialScore(a + b - mine, null, null));
            winner = Winner(verb);
        }
        DecidedBy? by = decision is null
            ? winner is null || me?.Points == partner?.Points
                ? null
                : DecidedBy.Points
            : decision.EndsWith("advantages", StringComparison.Ordinal)
                ? DecidedBy.Advantages
                : decision.EndsWith("penalties", StringComparison.Ordinal)
                    ? DecidedBy.Penalties
                    : decision.EndsWith("referee", StringComparison.Ordinal)
                        ? DecidedBy.Referee
                        : DecidedBy.Points;
        return new OfficialResult(me, partner, decision is null ? winner : Winner(decision.Split(' ')[0]), by);
    }

    // Who was only up or down at some time has not won by it.
    private static MatchWinner? Winner(string verb) =>
        verb switch
        {
            "Won" => MatchWinner.Me,
            "Lost" => MatchWinner.Partner,
            _ => null,
        };

    private static int Number(string written) => (int)double.Parse(written, CultureInfo.InvariantCulture);
}
