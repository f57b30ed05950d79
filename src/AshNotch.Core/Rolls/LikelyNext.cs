using AshNotch.Core.Chain;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>A move that may well come next.</summary>
/// <param name="By">Whose.</param>
/// <param name="Move">Its id.</param>
/// <param name="Seen">How often it was tried from here, in the log.</param>
public sealed record NextMove(Who By, string Move, int Seen);

/// <summary>Where a roll stands and what usually comes next there, from the practitioner's own record first and the book after it.</summary>
public static class LikelyNext
{
    /// <summary>Where the walk is after what was told; null when nothing was, or a new exchange is yet to begin.</summary>
    public static string? Now(IReadOnlyList<Exchange> exchanges)
    {
        if (exchanges.Count == 0 || exchanges[^1].End is not null)
            return null;
        var last = exchanges[^1];
        foreach (var notch in last.Notches.Reverse())
        {
            if (notch.Outcome == Outcome.Landed && notch.To is { } to)
                return to;
            if (notch.From is { } from)
                return from;
        }
        return last.Start;
    }

    /// <summary>The likeliest moves from a place, the likeliest first, each side on its own.</summary>
    /// <param name="log">The practitioner's log.</param>
    /// <param name="vocabulary">The vocabulary, whose book fills in where the log says little.</param>
    /// <param name="place">The place, seen from me.</param>
    /// <param name="each">How many for each side.</param>
    public static IReadOnlyList<NextMove> Of(Log log, MatVocabulary vocabulary, string place, int each)
    {
        var seen = new Dictionary<(Who, string), int>();
        foreach (var notch in log.Rolls.SelectMany(r => r.Roll.Notches))
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
                .GroupBy(s => s.Key.Item1)
                .OrderBy(g => g.Key)
                .SelectMany(g =>
                    g.OrderByDescending(s => Math.Round(s.Value, 9))
                        .ThenBy(s => s.Key.Item2, StringComparer.Ordinal)
                        .Take(each)
                        .Select(s => new NextMove(s.Key.Item1, s.Key.Item2, seen.GetValueOrDefault(s.Key)))
                ),
        ];
    }
}
