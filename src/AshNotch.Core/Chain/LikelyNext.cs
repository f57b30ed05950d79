using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>What usually comes next at a place: from the practitioner's own record first, the book after it.</summary>
public static class LikelyNext
{
    /// <summary>The likeliest moves from a place, the likeliest first, each side on its own.</summary>
    /// <param name="log">The practitioner's log.</param>
    /// <param name="vocabulary">The vocabulary, whose book fills in where the log says little.</param>
    /// <param name="place">The place, seen from me.</param>
    /// <param name="each">How many for each side.</param>
    public static IReadOnlyList<NextMove> Of(Log log, MatVocabulary vocabulary, PlaceId place, int each)
    {
        var seen = new Dictionary<(Who By, MoveId Move), int>();
        foreach (var notch in log.LiveRolls.SelectMany(r => r.Roll.Notches))
        {
            if (
                notch.From == place
                && notch.Move is { } move
                && vocabulary.Move(move) is not ({ Stays: true } or { Word: MoveWord.Manner })
            )
                seen[(notch.By, move)] = seen.GetValueOrDefault((notch.By, move)) + 1;
        }
        var scores = seen.ToDictionary(s => s.Key, s => (double)s.Value);
        foreach (var (key, share) in Book.Of(vocabulary).Exits(place))
        {
            if (key.Move is { } move)
                scores[(key.By, move)] = scores.GetValueOrDefault((key.By, move)) + Book.Weight * share;
        }
        return
        [
            .. scores
                .GroupBy(s => s.Key.By)
                .OrderBy(g => g.Key)
                .SelectMany(g =>
                    g.OrderByDescending(s => Math.Round(s.Value, 9))
                        .ThenBy(s => s.Key.Move.Value, StringComparer.Ordinal)
                        .Take(each)
                        .Select(s => new NextMove(s.Key.By, s.Key.Move, seen.GetValueOrDefault(s.Key)))
                ),
        ];
    }
}
