using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling.Review;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Simulation;

/// <summary>
/// What the review of a block says of an exchange that the ranking itself chose after eight weeks: where nothing changed (called changed in at
/// most one of ten: beware of regression to the mean), and where its odds truly halved, or doubled, from the first day.
/// </summary>
internal static class Reviews
{
    private const int WeeksBefore = 8;
    private static readonly int[] WeeksAfter = [3, 6];

    /// <summary>Runs it.</summary>
    public static void Run(int practitioners)
    {
        Console.WriteLine($"review: an exchange chosen after {WeeksBefore} weeks of twelve rolls, {practitioners} practitioners");
        Console.WriteLine($"  {"told", -22}{"", -14}{string.Concat(WeeksAfter.Select(w => $"{$"after {w} weeks", 16}"))}");
        foreach (var habit in Habit.All)
        foreach (var changes in (bool[])[false, true])
        {
            var judged = new Judged?[practitioners, WeeksAfter.Length];
            Parallel.For(0, practitioners, i => Judge(i + 1, habit, changes, (w, j) => judged[i, w] = j));
            var cells = Enumerable
                .Range(0, WeeksAfter.Length)
                .Select(w =>
                {
                    var all = Enumerable.Range(0, practitioners).Select(i => judged[i, w]).OfType<Judged>().ToList();
                    var told = all.Where(j => !j.TooLittle).ToList();
                    var called = told.Count(j => j.Better >= Judged.Called);
                    return string.Create(
                        CultureInfo.InvariantCulture,
                        $"{called} of {told.Count} ({(double)called / Math.Max(1, told.Count):0.00})"
                    );
                });
            Console.WriteLine(
                $"  {habit.Name, -22}{(changes ? "half the odds" : "unchanged"), -14}{string.Concat(cells.Select(c => $"{c, 16}"))}"
            );
        }
    }

    private static void Judge(int seed, Habit habit, bool changes, Action<int, Judged?> keep)
    {
        var practitioner = new SimulatedPractitioner(seed);
        var training = new SimulatedLog(practitioner, habit, new Random(1000 * seed));
        var log = training.Train(WeeksBefore);
        var spots = WeakSpotRanking.Of(log, MatVocabulary.BuiltIn, Aim.Points).Spots;
        if (spots.FirstOrDefault(s => s.Way.Move is not null && s.List != SpotList.FindOut)?.Way is not { } way)
            return;
        var start = log.Sessions.Max(s => s.Date)!.Value.AddDays(1);
        if (changes)
            practitioner.Drill(way.From, way.By, way.Move!.Value, way.By == Who.Me ? 2 : 0.5);
        var trained = 0;
        for (var w = 0; w < WeeksAfter.Length; w++)
        {
            log = training.Train(WeeksAfter[w] - trained);
            trained = WeeksAfter[w];
            var before = Experience.OfBefore(start, log, MatVocabulary.BuiltIn);
            keep(w, Judged.Of(way, start, DateOnly.MaxValue, before));
        }
    }
}
