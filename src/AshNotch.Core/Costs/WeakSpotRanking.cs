using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>Ranks the exchanges of a log by what getting better at each would change.</summary>
public static class WeakSpotRanking
{
    /// <summary>An exchange tried fewer times than this says nothing yet.</summary>
    public const int Few = 2;

    /// <summary>One tried fewer times than this is worth finding out, unless even its low end beats the rest. The authors' judgement.</summary>
    public const int Enough = 5;

    /// <summary>Ranks a log. With an empty log the ranking is empty: the book alone is no weakness of anyone.</summary>
    /// <param name="log">The log.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    /// <param name="goal">What the practitioner wants of a roll.</param>
    /// <param name="against">Whom the rolls are thought of against.</param>
    /// <param name="asOf">The day recency counts back from; the newest session when null.</param>
    public static WeakSpots Of(Log log, MatVocabulary vocabulary, Goal goal, Against against = Against.Usual, DateOnly? asOf = null) =>
        Of(Experience.Of(log, vocabulary, asOf), goal, against);

    /// <summary>Ranks what a log taught.</summary>
    public static WeakSpots Of(Experience experience, Goal goal, Against against)
    {
        var (_, walk, model, vocabulary) = experience;
        var rewards = Reward.Of(goal, vocabulary, model.Shape);
        var all = Candidate.Of(walk);
        // While nothing has happened twice, what happened once is all there is to show.
        var enough = all.Any(c => c.Attempts >= Few) ? Few : 1;
        var candidates = all.Where(c => c.Attempts >= enough && (c.Way.By == Who.Me || c.Count > 0)).ToList();
        var exits = candidates
            .Select(c => (Place: model.Shape.IndexOf(c.Way.From), Exits: model.Shape.ExitsOf(c.Way), Odds: c.Way.Better))
            .ToList();

        var expected = ChainValue.Solve(model.Expected(against), rewards);
        var even = against == Against.Even ? expected : ChainValue.Solve(model.Expected(Against.Even), rewards);
        var gains = candidates.Count == 0 ? null : Gains.Of(model, exits, rewards, against);
        var spots = new List<WeakSpot>();
        for (var i = 0; i < candidates.Count; i++)
        {
            var candidate = candidates[i];
            var (mean, low, high, first) = gains!.Of(i);
            if (mean <= 0)
                continue;
            var change = expected.WhenOddsChange(exits[i].Place, exits[i].Exits, exits[i].Odds);
            spots.Add(
                new WeakSpot
                {
                    Rank = 0,
                    Way = candidate.Way,
                    To = candidate.To,
                    GainPerRoll = mean,
                    Low = low,
                    High = high,
                    FirstShare = first,
                    GainAgainstEven = even.WhenOddsChange(exits[i].Place, exits[i].Exits, exits[i].Odds).Gain,
                    VisitsPerRoll = change.Visits,
                    Rate = change.Rate,
                    Worth = change.Worth,
                    Count = candidate.Count,
                    Attempts = candidate.Attempts,
                    Supposed = candidate.Supposed,
                    Steps = model.Seen[exits[i].Place],
                    Partners = candidate.Partners,
                    Rolls = candidate.Rolls,
                    InRolls = candidate.Rolls.Count,
                    Say = "",
                    Why = new Why("", "", "", "", ""),
                }
            );
        }
        var best = spots.Where(s => s.Attempts >= Enough).Select(s => s.GainPerRoll).DefaultIfEmpty(0).Max();
        var ranked = spots
            .Select(s => s with { List = ListOf(s, best) })
            .OrderByDescending(s => Math.Round(s.GainPerRoll, 9))
            .ThenBy(s => s.Way.From.Value, StringComparer.Ordinal)
            .ThenBy(s => s.Way.By)
            .ThenBy(s => s.Way.Move?.Value, StringComparer.Ordinal)
            .Select((s, i) => s with { Rank = i + 1, Say = Saying.Of(s, goal.Aim, vocabulary), Why = Saying.Why(s, goal.Aim, vocabulary) })
            .ToList();
        return new WeakSpots(
            goal.Aim,
            goal.Rules.Name,
            against,
            walk.Rolls.Count == 0 ? 0 : expected.PerRoll,
            walk.Rolls.Count,
            walk.Notches,
            Doubts.Of(walk, model, ranked),
            Book.Caveat,
            ranked,
            [
                .. all.Where(c => c.Attempts < enough)
                    .Select(c => new Untested(c.Way, c.Attempts, WayWords.Of(c.Way, c.To, vocabulary)))
                    .OrderBy(u => u.Way.From.Value, StringComparer.Ordinal)
                    .ThenBy(u => u.Way.By)
                    .ThenBy(u => u.Way.Move?.Value, StringComparer.Ordinal),
            ]
        )
        {
            LeftOut = Saying.LeftOut(walk.FromNowhere),
        };
    }

    private static SpotList ListOf(WeakSpot spot, double best) =>
        spot.Attempts < Enough && spot.Low <= best ? SpotList.FindOut
        : spot.Way.By == Who.Partner ? SpotList.Costs
        : SpotList.Pays;
}
