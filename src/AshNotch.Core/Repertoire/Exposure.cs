using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Repertoire;

/// <summary>What a miss exposes: what the other lands within the next two steps, beside what they usually land from there.</summary>
/// <param name="Misses">How many misses there were.</param>
/// <param name="Landed">After how many of them the other landed something within two steps.</param>
/// <param name="Usual">After how many it would be as they usually do from these places.</param>
/// <param name="What">What they landed, the most frequent first, by name.</param>
public sealed record Exposure(int Misses, int Landed, double Usual, IReadOnlyList<CameWhere> What)
{
    internal const int Steps = 2;

    /// <summary>What the misses of a move exposed; null under a handful.</summary>
    internal static Exposure? Of(
        List<(Happening[] Exchange, Happening Miss)> misses,
        Func<Happening, double> usual,
        MatVocabulary vocabulary
    )
    {
        if (misses.Count < Costs.Contrast.Handful)
            return null;
        var landed = 0;
        var expected = 0.0;
        var what = new List<string>();
        foreach (var (exchange, miss) in misses)
        {
            var none = 1.0;
            Happening? first = null;
            foreach (var step in exchange.Skip(miss.Index + 1).Take(Steps))
            {
                none *= 1 - usual(step);
                if (first is null && step.CameOff && step.Notch.By != miss.Notch.By)
                    first = step;
            }
            expected += 1 - none;
            if (first is null)
                continue;
            landed++;
            what.Add(Rolls.NotchWords.Brief(first.Notch, vocabulary));
        }
        return new Exposure(
            misses.Count,
            landed,
            expected,
            [
                .. what.Where(w => w.Length > 0)
                    .GroupBy(w => w)
                    .Select(g => new CameWhere(g.Key, new Came(misses.Count, g.Count())))
                    .OrderByDescending(w => w.Came.Landed)
                    .ThenBy(w => w.Key, StringComparer.Ordinal),
            ]
        );
    }
}
