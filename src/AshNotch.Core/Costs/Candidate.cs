using AshNotch.Core.Chain;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>One drillable exchange with what the log holds of it.</summary>
/// <param name="From">The place, seen from me.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move; null where nobody named it, and then <paramref name="Destination"/> tells it apart.</param>
/// <param name="Destination">The place reached, where no move was named.</param>
/// <param name="Attempts">How often it was tried.</param>
/// <param name="Count">How often it came off.</param>
/// <param name="To">Where it led, most frequent first; <c>tap</c> for a tap.</param>
/// <param name="Partners">Ids of the partners it happened with.</param>
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
    IReadOnlyList<string> Rolls
)
{
    /// <summary>What its odds are multiplied by when I get better at it: mine double, theirs halve.</summary>
    public double Better => By == Who.Me ? 2 : 0.5;

    /// <summary>The candidates of a walk.</summary>
    public static IReadOnlyList<Candidate> Of(Walk walk) =>
        [
            .. walk
                .Steps.Where(s => s.Move is not null || s.To is not null)
                .GroupBy(s => (s.From, s.By, s.Move, To: s.Move is null ? s.To : null))
                .Select(g => Of(g.Key, [.. g], walk)),
        ];

    /// <summary>Which exits of a chain it is, in rising order.</summary>
    public int[] Exits(ChainShape shape)
    {
        var place = shape.IndexOf(From);
        return [.. shape.ExitsOf(place).Where(e => Is(shape.Exits[e].Key))];
    }

    private bool Is(ExitKey key) => key.By == By && (Move is not null ? key.Move == Move : key.Move is null && key.To == Destination);

    private static Candidate Of((PlaceId From, Who By, MoveId? Move, PlaceId? To) key, List<Step> steps, Walk walk)
    {
        var cameOff = steps.Where(s => s.Result != StepResult.Stays).ToList();
        // For my own move the rolls in which it was stopped are the ones to look at too.
        var rolls = (key.By == Who.Me ? steps : cameOff)
            .Select(s => s.Roll)
            .Distinct()
            .OrderDescending()
            .Select(r => walk.Rolls[r].Roll)
            .ToList();
        return new Candidate(
            key.From,
            key.By,
            key.Move,
            key.To,
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
