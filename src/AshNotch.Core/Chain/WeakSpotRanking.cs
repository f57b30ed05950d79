using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>Ranks the exchanges of a log by what getting better at each would change.</summary>
public static class WeakSpotRanking
{
    /// <summary>An exchange tried fewer times than this says nothing yet.</summary>
    public const int Few = 2;

    /// <summary>Ranks a log. With an empty log the ranking is empty: the book alone is no weakness of anyone.</summary>
    /// <param name="log">The log.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    /// <param name="aim">What the practitioner wants of a roll.</param>
    /// <param name="asOf">The day recency counts back from; the newest session when null.</param>
    public static WeakSpots Of(Log log, MatVocabulary vocabulary, Aim aim, DateOnly? asOf = null)
    {
        var walk = Walk.Of(log, vocabulary, asOf);
        var fit = ChainFit.Of(walk, Book.Of(vocabulary), vocabulary.Places.Select(p => p.Id));
        return Rank(walk, fit, ChainValue.Solve(fit, aim, Ruleset.Federation, vocabulary), aim, vocabulary);
    }

    private static WeakSpots Rank(Walk walk, ChainFit fit, ChainValue value, Aim aim, MatVocabulary vocabulary)
    {
        var index = fit.Places.Select((p, i) => (p.Place, i)).ToDictionary(p => p.Place, p => p.i);
        var candidates = Evidence.Of(walk);
        // While nothing has happened twice, what happened once is all there is to show.
        var enough = candidates.Any(c => c.Attempts >= Few) ? Few : 1;

        var spots = new List<WeakSpot>();
        var untested = new List<Untested>();
        foreach (var candidate in candidates)
        {
            var (from, by, move, to) = candidate.Key;
            if (candidate.Attempts < enough)
            {
                untested.Add(new Untested(from, by, move, to, candidate.Attempts));
                continue;
            }
            var place = index[from];
            var change = value.WhenOddsChange(place, Chosen(by, move, to), by == Who.Me ? 2 : 0.5);
            if (change.Gain <= 0 || (by == Who.Partner && candidate.Count == 0))
                continue;
            spots.Add(
                new WeakSpot
                {
                    Rank = 0,
                    From = from,
                    By = by,
                    Move = move,
                    To = candidate.To,
                    GainPerRoll = change.Gain,
                    VisitsPerRoll = change.Visits,
                    Rate = change.Rate,
                    Worth = change.Worth,
                    Count = candidate.Count,
                    Attempts = candidate.Attempts,
                    Steps = fit.Places[place].Seen,
                    Partners = candidate.Partners,
                    Rolls = candidate.Rolls,
                    Say = "",
                    Why = new Why("", "", ""),
                }
            );
        }
        var ranked = spots
            .OrderByDescending(s => Math.Round(s.GainPerRoll, 9))
            .ThenBy(s => s.From.Value, StringComparer.Ordinal)
            .ThenBy(s => s.By)
            .ThenBy(s => s.Move?.Value, StringComparer.Ordinal)
            .Select((s, i) => s with { Rank = i + 1, Say = Saying.Of(s, aim, vocabulary), Why = Saying.Why(s, aim, vocabulary) });
        return new WeakSpots(
            aim,
            walk.Rolls.Count == 0 ? 0 : value.PerRoll,
            walk.Rolls.Count,
            walk.Notches,
            [.. ranked],
            [
                .. untested
                    .OrderBy(u => u.From.Value, StringComparer.Ordinal)
                    .ThenBy(u => u.By)
                    .ThenBy(u => u.Move?.Value, StringComparer.Ordinal),
            ]
        );
    }

    private static Func<FittedExit, bool> Chosen(Who by, MoveId? move, PlaceId? to) =>
        move is not null ? e => e.Key.By == by && e.Key.Move == move : e => e.Key.By == by && e.Key.Move is null && e.Key.To == to;

    /// <summary>What the log holds about one candidate.</summary>
    private sealed record Evidence(
        (PlaceId From, Who By, MoveId? Move, PlaceId? To) Key,
        int Attempts,
        int Count,
        IReadOnlyList<string> To,
        IReadOnlyList<string> Partners,
        IReadOnlyList<string> Rolls
    )
    {
        public static IReadOnlyList<Evidence> Of(Walk walk) =>
            [
                .. walk
                    .Steps.Where(s => s.Move is not null || s.To is not null)
                    .GroupBy(s => (s.From, s.By, s.Move, To: s.Move is null ? s.To : null))
                    .Select(g => Of(g.Key, [.. g], walk)),
            ];

        private static Evidence Of((PlaceId From, Who By, MoveId? Move, PlaceId? To) key, List<Step> steps, Walk walk)
        {
            var cameOff = steps.Where(s => s.Result != StepResult.Stays).ToList();
            // For my own move the rolls in which it was stopped are the ones to look at too.
            var rolls = (key.By == Who.Me ? steps : cameOff)
                .Select(s => s.Roll)
                .Distinct()
                .OrderDescending()
                .Select(r => walk.Rolls[r].Roll)
                .ToList();
            return new Evidence(
                key,
                steps.Count,
                cameOff.Count,
                [
                    .. cameOff
                        .GroupBy(s => s.Result == StepResult.Taps ? "tap" : s.To?.Value)
                        .Where(g => g.Key is not null)
                        .OrderByDescending(g => g.Count())
                        .ThenBy(g => g.Key, StringComparer.Ordinal)
                        .Select(g => g.Key!),
                ],
                [.. rolls.Select(r => r.Partner).OfType<string>().Distinct()],
                [.. rolls.Select(r => r.Id)]
            );
        }
    }
}
