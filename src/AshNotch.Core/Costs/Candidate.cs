using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>One drillable exchange with what the log holds of it.</summary>
/// <param name="Way">The exchange.</param>
/// <param name="Attempts">How often it was tried.</param>
/// <param name="Count">How often it came off.</param>
/// <param name="To">Where it led, most frequent first; <c>tap</c> for a tap.</param>
/// <param name="Partners">Ids of the partners it happened with.</param>
/// <param name="Supposed">In how many of the tries nobody told where it began.</param>
/// <param name="Rolls">Ids of the rolls it happened in, newest first; for my own move those in which it was stopped, too.</param>
public sealed record Candidate(
    Way Way,
    int Attempts,
    int Count,
    IReadOnlyList<string> To,
    IReadOnlyList<string> Partners,
    IReadOnlyList<string> Rolls,
    int Supposed = 0
)
{
    /// <summary>The candidates of a walk, in order of appearance.</summary>
    public static IReadOnlyList<Candidate> Of(Walk walk)
    {
        var seen = new Dictionary<Way, Evidence>();
        var of = new Evidence?[walk.Kinds.Count];
        foreach (var kind in walk.Kinds)
        {
            // A finish that nobody named is an exchange too; a try that nobody named is none.
            if (kind.Way.IsUnnamedFinish && kind.Result != StepResult.Taps)
                continue;
            if (!seen.TryGetValue(kind.Way, out var evidence))
                seen[kind.Way] = evidence = new Evidence();
            evidence.Kinds.Add(kind);
            of[kind.Number] = evidence;
        }
        var times = new int[walk.Kinds.Count];
        foreach (var step in walk.Steps)
        {
            times[step.Kind.Number]++;
            of[step.Kind.Number]?.Add(step);
        }
        return [.. seen.Select(e => e.Value.Finish(e.Key, walk, times))];
    }

    // What one pass over the steps gathers of one candidate.
    private sealed class Evidence
    {
        private readonly List<int> rolls = [];
        private int supposed;

        public List<StepKind> Kinds { get; } = [];

        public void Add(Step step)
        {
            // For my own move the rolls in which it was stopped are the ones to look at too.
            if ((step.Result != StepResult.Stays || step.By == Who.Me) && (rolls.Count == 0 || rolls[^1] != step.Roll))
                rolls.Add(step.Roll);
            supposed += step.IsSupposed ? 1 : 0;
        }

        public Candidate Finish(Way way, Walk walk, int[] times)
        {
            rolls.Reverse();
            var newest = rolls.ConvertAll(r => walk.Rolls[r].Logged.Roll);
            var cameOff = Kinds.Where(k => k.Result != StepResult.Stays).ToList();
            return new Candidate(
                way,
                Kinds.Sum(k => times[k.Number]),
                cameOff.Sum(k => times[k.Number]),
                [
                    .. cameOff
                        .Where(k => k.Exit is not null)
                        .Select(k => (To: k.To?.Value ?? "tap", Times: times[k.Number]))
                        .OrderByDescending(t => t.Times)
                        .ThenBy(t => t.To, StringComparer.Ordinal)
                        .Select(t => t.To),
                ],
                [.. newest.Select(r => r.Partner).OfType<string>().Distinct()],
                [.. newest.Select(r => r.Id)],
                supposed
            );
        }
    }
}
