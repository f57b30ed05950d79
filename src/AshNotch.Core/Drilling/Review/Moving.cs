using AshNotch.Core.Drilling.Effort;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Review;

/// <summary>How far the focuses of past blocks moved, per hour of drilling.</summary>
public static class Moving
{
    // What was learned by drilling shows for a while after its block. What lies further back says less of how one learns now.
    private const int DaysAfter = 21;
    private const int MostBlocks = 8;

    // A chance has a ceiling: near it, a little more of the odds is nothing of the chance.
    private const double MostChance = 0.9;
    private const double Half = 0.5;

    /// <summary>Learns the efforts from past blocks.</summary>
    /// <param name="drills">The blocks, and what was done of them.</param>
    /// <param name="log">The log.</param>
    /// <param name="today">The day it is.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    public static Efforts Learned(Drills drills, Log log, DateOnly today, MatVocabulary vocabulary) =>
        Efforts.From([
            .. drills
                .Blocks.Where(b => b.Start < today && drills.Done.Any(d => d.Block == b.Id))
                .TakeLast(MostBlocks)
                .SelectMany(b => Of(b, drills, Experience.OfBefore(b.Start, log, vocabulary), today)),
        ]);

    /// <summary>How far each focus of a block moved, as far as live rolls speak of it.</summary>
    /// <param name="block">The block.</param>
    /// <param name="drills">All blocks, and what was done of them.</param>
    /// <param name="before">What was known before the block: <see cref="Experience.OfBefore"/>.</param>
    /// <param name="today">The day it is.</param>
    public static IEnumerable<Moved> Of(Block block, Drills drills, Experience before, DateOnly today)
    {
        foreach (var (index, focus) in block.Focuses.Index())
        {
            var way = focus.Way.OnBothSides();
            var again = drills.Blocks.FirstOrDefault(b => b.Start > block.End && b.Focuses.Any(f => f.Way.OnBothSides() == way));
            var last = new[] { today, block.End.AddDays(DaysAfter), again?.Start.AddDays(-1) ?? DateOnly.MaxValue }.Min();
            if (SeenSince.Of(way, block.Start, last, before) is not { } seen || Math.Max(seen.Expected, seen.Observed) < Judged.Enough)
                continue;
            var hours = drills
                .Done.Where(d => d.Block == block.Id)
                .Select(d => (d.Date, Hours: d.Rounds.Where(r => r.Focus == index).Sum(r => r.Minutes) / 60.0))
                .ToList();
            // What lay behind each of those steps, a day's drilling before the rolls of the day.
            var behind = seen.Days.Average(day => hours.Where(h => h.Date <= day).Sum(h => h.Hours));
            if (behind <= 0)
                continue;
            var ratio = (seen.Observed + Half) / (seen.Expected + Half);
            var chance = Math.Min(MostChance, seen.Expected / seen.Days.Count);
            var change = Math.Log(ratio) / (1 - chance);
            var variance = (1 / (seen.Observed + Half) + LogVariance(seen.Chances)) / ((1 - chance) * (1 - chance));
            yield return new Moved(
                block.Id,
                ExchangeKind.Of(way, before.Vocabulary),
                behind,
                way.By == Who.Me ? change : -change,
                variance
            );
        }
    }

    private static double LogVariance(IReadOnlyList<double> chances)
    {
        var logs = chances.Select(c => Math.Log(Math.Max(c, 1e-6))).ToList();
        var mean = logs.Average();
        return logs.Average(l => (l - mean) * (l - mean));
    }
}
