using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Simulation;

/// <summary>
/// Simulated practitioners whose true odds are known: how much of the best possible gain the first pick, and the best of the first three,
/// leave on the mat, and how often the true gain of the twenty first lies in its likely range; beside the counting rules.
/// </summary>
internal static class Simulation
{
    private const string Ours = "Ash Notch";
    private const string NoPlaces = "  half of the places untold";
    private const string NoNames = "  no finish named";
    private static readonly int[] Weeks = [2, 4, 8, 16];
    private static readonly Aim[] Aims = [Aim.Finish, Aim.Points];

    /// <summary>Runs it.</summary>
    /// <param name="practitioners">How many are simulated.</param>
    /// <param name="firstSeed">Seed of the first; the others follow.</param>
    public static void Run(int practitioners, int firstSeed = 1)
    {
        var done = 0;
        var results = new (string Habit, int Weeks, string Rule, double First, double Three, int Held, int Ranges)[practitioners][];
        Parallel.For(
            0,
            practitioners,
            i =>
            {
                results[i] = [.. Of(firstSeed + i)];
                Console.Error.Write($"\r  {Interlocked.Increment(ref done)} of {practitioners} practitioners ");
            }
        );
        Console.Error.WriteLine();
        var rows = results.SelectMany(r => r).GroupBy(r => (r.Habit, r.Weeks, r.Rule)).ToDictionary(g => g.Key, g => g.ToList());
        foreach (var habit in Habit.All)
        {
            Console.WriteLine(
                $"{habit.Name} logs (landings written {habit.Landings:P0}, stops {habit.Stops:P0}), {practitioners} practitioners"
            );
            Console.WriteLine(
                $"  {"regret of the first pick (best of first three)", -48}{string.Concat(Weeks.Select(w => $"{w + " weeks", 16}"))}"
            );
            foreach (var rule in CountingRules.All.Select(r => r.Name).Prepend(NoNames).Prepend(NoPlaces).Prepend(Ours))
            {
                var cells = Weeks
                    .Select(w => rows[(habit.Name, w, rule)])
                    .Select(r =>
                        string.Create(CultureInfo.InvariantCulture, $"{r.Average(x => x.First):0.000} ({r.Average(x => x.Three):0.000})")
                    );
                Console.WriteLine($"  {rule, -48}{string.Concat(cells.Select(c => $"{c, 16}"))}");
            }
            var held = Weeks
                .Select(w => rows[(habit.Name, w, Ours)])
                .Select(r => string.Create(CultureInfo.InvariantCulture, $"{(double)r.Sum(x => x.Held) / r.Sum(x => x.Ranges):0.00}"));
            Console.WriteLine($"  {"share of 80 % ranges that hold", -48}{string.Concat(held.Select(c => $"{c, 16}"))}");
        }
    }

    private static IEnumerable<(string, int, string, double, double, int, int)> Of(int seed)
    {
        var practitioner = new SimulatedPractitioner(seed);
        var gains = new Dictionary<(Aim, Way), double>();
        double Gain(Aim aim, Way pick)
        {
            lock (gains)
                if (gains.TryGetValue((aim, pick), out var known))
                    return known;
            var place = practitioner.Places.ToList().IndexOf(pick.From);
            bool Chosen(TrueExit e) =>
                e.From == place
                && e.By == pick.By
                && (
                    pick.Move is { } move ? e.Move == move
                    : pick.To is null ? e.To < 0
                    : e.To >= 0 && practitioner.Places[e.To] == pick.To
                );
            return gains[(aim, pick)] = practitioner.Gain(aim, Chosen, pick.By == Who.Me ? 2 : 0.5);
        }
        var best = Aims.ToDictionary(a => a, a => practitioner.Candidates.Max(c => Gain(a, new Way(c.From, c.By, c.Move))));
        // Where no finish is named, all of one side's from a place are one exchange: what can be gained at best is another.
        var bestUnnamed = Aims.ToDictionary(
            a => a,
            a =>
                practitioner.Candidates.Max(c =>
                    Gain(a, new Way(c.From, c.By, MatVocabulary.BuiltIn.Move(c.Move) is { IsSubmission: true } ? null : c.Move))
                )
        );
        foreach (var habit in Habit.All)
        {
            var random = new Random(1000 * seed);
            var training = new SimulatedLog(practitioner, habit, random);
            var before = 0;
            foreach (var weeks in Weeks)
            {
                var log = training.Train(weeks - before);
                before = weeks;
                (string Rule, Log Log)[] tellings =
                [
                    (Ours, log),
                    (NoPlaces, Untold.Places(log, new Random(seed))),
                    (NoNames, Untold.Names(log)),
                ];
                foreach (var aim in Aims)
                {
                    double Regret(IEnumerable<Way> picks, bool named = true) =>
                        1 - Math.Max(0, picks.Select(p => Gain(aim, p)).DefaultIfEmpty(0).Max()) / (named ? best : bestUnnamed)[aim];
                    foreach (var (name, order) in CountingRules.All)
                    {
                        var picks = order(log, random);
                        yield return (habit.Name, weeks, name, Regret(picks.Take(1)), Regret(picks.Take(3)), 0, 0);
                    }
                    foreach (var (rule, told) in tellings)
                    {
                        var spots = WeakSpotRanking.Of(told, MatVocabulary.BuiltIn, aim, Against.Usual).Spots;
                        var ours = spots.Select(s => s.Way).ToList();
                        var top = spots.Zip(ours).Take(20).ToList();
                        var held = top.Count(t => Gain(aim, t.Second) is var true_ && true_ >= t.First.Low && true_ <= t.First.High);
                        var named = rule != NoNames;
                        yield return (habit.Name, weeks, rule, Regret(ours.Take(1), named), Regret(ours.Take(3), named), held, top.Count);
                    }
                }
            }
        }
    }
}
