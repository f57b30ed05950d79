using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Review;

/// <summary>Looks back on a block, at its end or on any day since it began.</summary>
public static class Reviewing
{
    // Drilled on fewer than this part of its days, a block says nothing about drilling. The authors' judgement.
    private const double HardlyDone = 0.5;

    // A focus that still ranks so high goes on.
    private const int StillHigh = 3;

    /// <summary>Reviews a block.</summary>
    /// <param name="block">The block.</param>
    /// <param name="done">What was done of it.</param>
    /// <param name="week">When the practitioner trains.</param>
    /// <param name="log">The log.</param>
    /// <param name="goal">What they want of a roll.</param>
    /// <param name="ranking">The ranking as it stands now.</param>
    /// <param name="today">The day it is.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    public static BlockReview Of(
        Block block,
        IEnumerable<DrilledSession> done,
        MyWeek week,
        Log log,
        Goal goal,
        WeakSpots ranking,
        DateOnly today,
        MatVocabulary vocabulary
    )
    {
        var sessions = done.Where(d => d.Block == block.Id).ToList();
        var planned = week.Sessions(block.Start, block.End < today ? block.End : today).Count();
        var before = Experience.OfBefore(block.Start, log, vocabulary);
        var isDone = sessions.Count > 0 && sessions.Count >= HardlyDone * planned;
        return new BlockReview(
            Done(sessions, Math.Max(planned, sessions.Count)),
            [.. block.Focuses.Select(f => Of(f, block, before, goal, ranking, isDone, today, vocabulary))]
        );
    }

    private static string Done(List<DrilledSession> sessions, int planned)
    {
        if (planned == 0)
            return "None of its days has come yet, and nothing was drilled.";
        var rounds = sessions.SelectMany(s => s.Rounds).Where(r => r.Minutes > 0).ToList();
        var starts = rounds.Select(r => r.Starts).OfType<DrilledStarts>().ToList();
        var checks = sessions.SelectMany(s => s.Rounds).SelectMany(r => r.Checks).ToList();
        var words = new List<string>
        {
            $"Drilled on {Saying.Counted(sessions.Count, "day")} of {planned}",
            $"{Saying.Counted(rounds.Count, "round")}, {rounds.Sum(r => r.Minutes)} minutes",
        };
        if (starts.Count > 0)
            words.Add($"{starts.Sum(s => s.Kept)} of {starts.Sum(s => s.All)} starts kept");
        if (checks.Count > 0)
            words.Add($"checks met {checks.Sum(c => c.Met)} times in {checks.Sum(c => c.Of)}");
        return string.Join("; ", words) + ".";
    }

    private static FocusReview Of(
        BlockFocus focus,
        Block block,
        Experience before,
        Goal goal,
        WeakSpots ranking,
        bool isDone,
        DateOnly today,
        MatVocabulary vocabulary
    )
    {
        var way = focus.Way.OnBothSides();
        var judged = Judged.Of(way, block.Start, today, before);
        var spot = ranking.Spots.FirstOrDefault(s => s.Way == way);
        var (proposed, why) = Proposed(judged, spot, isDone);
        return new FocusReview(
            focus.Way,
            WayWords.AsWork(focus.Way, vocabulary),
            judged,
            Changed(judged, way),
            Brought(focus, judged, before, goal),
            proposed,
            why
        );
    }

    private static string Changed(Judged? judged, Way way)
    {
        if (way.Move is null)
            return "Nobody named the move, so nothing can be held against what was to be expected.";
        if (judged is null)
            return "Nobody was in that place since.";
        var counts = string.Create(
            CultureInfo.InvariantCulture,
            $"{Saying.Counted(judged.Observed, "time")} in {Saying.Counted(judged.Tries, "try", "tries")} since, where "
                + $"{judged.Expected:0.0} were to be expected with those partners"
        );
        if (judged.TooLittle)
            return $"It came off {counts}: too little to say.";
        var better = string.Create(CultureInfo.InvariantCulture, $"the chance that it goes better now is {100 * judged.Better:0} in 100");
        return judged.Better >= Judged.Called ? $"It changed: it came off {counts}; {better}."
            : judged.Better <= 1 - Judged.Called ? $"It goes worse: it came off {counts}; {better}."
            : $"No clear change: it came off {counts}; {better}.";
    }

    // What halving or doubling was thought to bring, and what the ratio that was seen brings in the same chain.
    private static string? Brought(BlockFocus focus, Judged? judged, Experience before, Goal goal)
    {
        if (judged is null || judged.TooLittle)
            return null;
        var shape = before.Model.Shape;
        var way = focus.Way.OnBothSides();
        var value = ChainValue.Solve(before.Model.Expected(Against.Usual), Reward.Of(goal, before.Vocabulary, shape));
        var change = value.WhenOddsChange(shape.IndexOf(way.From), shape.ExitsOf(way), judged.Ratio);
        var expected = focus.GainPerRoll is { } gain ? $"It was to bring {Saying.Gain(gain, goal.Aim)}; " : "";
        var brought =
            change.Gain >= 0
                ? $"what changed brings {Saying.Gain(change.Gain, goal.Aim)}"
                : $"what changed costs {Saying.Gain(-change.Gain, goal.Aim)}";
        var words = expected + brought + ".";
        return char.ToUpperInvariant(words[0]) + words[1..];
    }

    private static (Verdict Verdict, string Why) Proposed(Judged? judged, WeakSpot? spot, bool isDone)
    {
        if (!isDone)
            return (Verdict.Deepen, "It was hardly drilled yet, so this says nothing about drilling it.");
        if (judged is null || judged.TooLittle)
            return (Verdict.Deepen, "Too little came of it in live rolls to tell; go there on purpose, and write it down.");
        if (judged.Better >= Judged.Called)
            return spot is { Rank: <= StillHigh }
                ? (Verdict.Deepen, $"It moves, and is still number {spot.Rank} of what costs or would pay.")
                : (Verdict.Keep, "It moved, and other things now cost more: refresh it now and then.");
        return spot is null || spot.GainPerRoll <= 0
            ? (Verdict.Drop, "It no longer shows among what costs or would pay.")
            : (Verdict.Rotate, "It was drilled and has not moved: work on something else, and come back to it another way.");
    }
}
