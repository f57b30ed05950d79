using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Simulation;

/// <summary>
/// Over half a year the simulated practitioner drills, three weeks at a time, what is recommended: its true odds improve a little, and what is
/// no longer drilled fades. What a roll is worth at the end, against drilling by each counting rule and not drilling at all.
/// </summary>
internal static class ClosedLoop
{
    private const int Weeks = 26;
    private const int Block = 3;

    // A block makes the odds a third better; a fifth of that is lost in each later block. The authors' judgement.
    private const double Better = 4.0 / 3;
    private const double Kept = 0.8;

    private static readonly Habit Told = Habit.All[1];

    /// <summary>Runs it.</summary>
    public static void Run(int practitioners)
    {
        var rules = CountingRules
            .All.Select(r =>
                (r.Name, Choose: (Func<Log, Random, Way?>)((log, random) => r.Order(log, random) is [var first, ..] ? first : null))
            )
            .Prepend(("no drilling", (_, _) => null))
            .Prepend(("Ash Notch", (log, _) => Recommended(log)))
            .ToList();
        var ends = new double[rules.Count, practitioners];
        var done = 0;
        Parallel.For(
            0,
            practitioners,
            i =>
            {
                for (var r = 0; r < rules.Count; r++)
                    ends[r, i] = Train(i + 1, rules[r].Choose);
                Console.Error.Write($"\r  {Interlocked.Increment(ref done)} of {practitioners} practitioners ");
            }
        );
        Console.Error.WriteLine();
        Console.WriteLine($"closed loop: points a roll after {Weeks} weeks of drilling by each rule, {practitioners} practitioners");
        for (var r = 0; r < rules.Count; r++)
        {
            var mean = Enumerable.Range(0, practitioners).Average(i => ends[r, i]);
            Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"  {rules[r].Name, -24}{mean, 8:0.00}"));
        }
    }

    private static Way? Recommended(Log log) =>
        WeakSpotRanking.Of(log, MatVocabulary.BuiltIn, Aim.Points).Spots is [var first, ..] ? first.Way : null;

    private static double Train(int seed, Func<Log, Random, Way?> choose)
    {
        var practitioner = new SimulatedPractitioner(seed);
        var random = new Random(1000 * seed);
        var training = new SimulatedLog(practitioner, Told, random);
        var drilled = new Dictionary<Way, double>();
        var weeks = 0;
        while (weeks < Weeks)
        {
            var more = Math.Min(Block, Weeks - weeks);
            weeks += more;
            var log = training.Train(more);
            foreach (var (past, gained) in drilled.ToList())
            {
                drilled[past] = gained * Kept;
                Change(practitioner, past, Math.Exp((Kept - 1) * gained));
            }
            if (choose(log, random) is not { Move: not null } pick)
                continue;
            drilled[pick] = drilled.GetValueOrDefault(pick) + Math.Log(Better);
            Change(practitioner, pick, Better);
        }
        return practitioner.Value(Aim.Points);
    }

    // Mine come off more readily, theirs less.
    private static void Change(SimulatedPractitioner practitioner, Way pick, double better) =>
        practitioner.Drill(pick.From, pick.By, pick.Move!.Value, pick.By == Who.Me ? better : 1 / better);
}
