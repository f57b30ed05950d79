using AshNotch.Core.Chain;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>One drillable exchange with what the log holds of it.</summary>
/// <param name="From">The place, seen from me.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move; null where nobody named it, and then <paramref name="Destination"/> tells it apart.</param>
/// <param name="Destination">The place reached, where no move was named; null too for a finish that nobody named.</param>
/// <param name="Attempts">How often it was tried.</param>
/// <param name="Count">How often it came off.</param>
/// <param name="To">Where it led, most frequent first; <c>tap</c> for a tap.</param>
/// <param name="Partners">Ids of the partners it happened with.</param>
/// <param name="Supposed">In how many of the tries nobody told where it began.</param>
/// <param name="Rolls">Ids of the rolls it happened in, newest first; for my own move those in which it was stopped, too.</param>
public sealed record Candidate(
    PlaceId From,
    Who By,
    MoveId? Move,
    PlaceId? Destination,
    int Attempts,
    int Count,
    IReadOnlyList<string> To,
    IReadOnlyList<string> Partners,
    IReadOnlyList<string> Rolls,
    int Supposed = 0
)
{
    /// <summary>What its odds are multiplied by when I get better at it: mine double, theirs halve.</summary>
    public double Better => By == Who.Me ? 2 : 0.5;

    /// <summary>The candidates of a walk, in order of appearance.</summary>
    public static IReadOnlyList<Candidate> Of(Walk walk)
    {
        var seen = new Dictionary<(PlaceId From, Who By, MoveId? Move, PlaceId? To), Evidence>();
        var of = new Evidence?[walk.Kinds.Count];
        foreach (var kind in walk.Kinds)
        {
            // A finish that nobody named is an exchange too; a try that nobody named is none.
            if (kind.Move is null && kind.To is null && kind.Result != StepResult.Taps)
                continue;
            var key = (kind.From, kind.By, kind.Move, kind.Move is null ? kind.To : null);
            if (!seen.TryGetValue(key, out var evidence))
                seen[key] = evidence = new Evidence();
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

    /// <summary>Which exits of a chain it is, in rising order.</summary>
    public int[] Exits(ChainShape shape)
    {
        var place = shape.IndexOf(From);
        return [.. shape.ExitsOf(place).Where(e => shape.Exits[e].Key.IsOf(By, Move, Destination))];
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

        public Candidate Finish((PlaceId From, Who By, MoveId? Move, PlaceId? To) key, Walk walk, int[] times)
        {
            rolls.Reverse();
            var newest = rolls.ConvertAll(r => walk.Rolls[r].Logged.Roll);
            var cameOff = Kinds.Where(k => k.Result != StepResult.Stays).ToList();
            return new Candidate(
                key.From,
                key.By,
                key.Move,
                key.To,
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
