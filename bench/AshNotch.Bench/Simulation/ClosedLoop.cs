using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling;
using AshNotch.Core.Drilling.Choosing;
using AshNotch.Core.Drilling.Effort;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Review;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using MathNet.Numerics.Distributions;

namespace AshNotch.Bench.Simulation;

/// <summary>
/// After eight weeks of rolls a simulated practitioner drills for half a year, block by block, what is recommended, in the minutes and by the
/// schedule of the plan. What an hour moves differs by kind of exchange, and nobody is told how; what is no longer drilled fades. What a roll is
/// worth at the end, against drilling by each counting rule for as many minutes, and not drilling at all.
/// </summary>
internal sealed class ClosedLoop
{
    private const int WeeksBefore = 8;
    private const int Blocks = 8;
    private const int BlockWeeks = 3;

    // Effects of an hour lie around a tenth of the log odds, kinds apart by a factor of two here and there; a fifth of what was gained fades in
    // each later block. The authors' judgement, set before the first run.
    private const double UsualEffect = 0.1;
    private const double Apart = 0.7;
    private const double Kept = 0.8;

    // The more was gained, the less an hour adds: at four times the odds nothing more. Without it who drills one thing for half a year takes it
    // to forty times the odds, and no sum of points makes sense.
    private static readonly double Ceiling = Math.Log(4);

    private static readonly Habit Told = Habit.All[1];
    private static readonly MyWeek Week = MyWeek.Of([DayOfWeek.Monday, DayOfWeek.Wednesday, DayOfWeek.Friday], 30);
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;

    private readonly SimulatedPractitioner practitioner;
    private readonly SimulatedLog training;
    private readonly Random random;
    private readonly Dictionary<ExchangeKind, double> effects = [];
    private readonly Dictionary<Way, double> gained = [];

    private ClosedLoop(int seed)
    {
        practitioner = new SimulatedPractitioner(seed);
        random = new Random(1000 * seed);
        training = new SimulatedLog(practitioner, Told, random);
        var drawn = new Random(7 * seed);
        foreach (var by in (Who[])[Who.Me, Who.Partner])
        foreach (var family in Enum.GetValues<Family>())
            effects[new ExchangeKind(by, family)] = UsualEffect * Math.Exp(Normal.Sample(drawn, 0, Apart));
    }

    /// <summary>Runs it.</summary>
    public static void Run(int practitioners)
    {
        (string Name, Func<ClosedLoop, double> End)[] ways =
        [
            ("no drilling", l => l.By((_, _) => null)),
            .. CountingRules.All.Select(r =>
                (r.Name, (Func<ClosedLoop, double>)(l => l.By((log, random) => r.Order(log, random) is [var first, ..] ? first : null)))
            ),
            ("first of the ranking", l => l.By((log, _) => Recommended(log))),
            ("plan, efforts equal", l => l.ByPlan((_, _, _) => Efforts.None)),
            ("plan, efforts learned", l => l.ByPlan(Learned())),
            ("plan, efforts known", l => l.ByPlan((_, _, _) => l.Known())),
        ];
        var ends = new double[ways.Length, practitioners];
        var done = 0;
        Parallel.For(
            0,
            practitioners,
            i =>
            {
                for (var w = 0; w < ways.Length; w++)
                    ends[w, i] = ways[w].End(new ClosedLoop(i + 1));
                Console.Error.Write($"\r  {Interlocked.Increment(ref done)} of {practitioners} practitioners ");
            }
        );
        Console.Error.WriteLine();
        Console.WriteLine(
            $"closed loop: points a roll after {WeeksBefore} weeks and {Blocks} blocks of {BlockWeeks} weeks, {practitioners} practitioners"
        );
        Console.WriteLine($"  {"", -24}{"mean", 8}{"gained", 8}{"± s.e.", 8}");
        for (var w = 0; w < ways.Length; w++)
        {
            var own = Enumerable.Range(0, practitioners).Select(i => ends[w, i]).ToList();
            var more = Enumerable.Range(0, practitioners).Select(i => ends[w, i] - ends[0, i]).ToList();
            var mean = more.Average();
            var error = Math.Sqrt(more.Average(m => (m - mean) * (m - mean)) / practitioners);
            Console.WriteLine(
                string.Create(CultureInfo.InvariantCulture, $"  {ways[w].Name, -24}{own.Average(), 8:0.00}{mean, 8:0.00}{error, 8:0.00}")
            );
        }
        var (equal, learned) = (ways.Length - 3, ways.Length - 2);
        var apart = Enumerable.Range(0, practitioners).Select(i => ends[learned, i] - ends[equal, i]).ToList();
        var by = Math.Sqrt(apart.Average(a => (a - apart.Average()) * (a - apart.Average())) / practitioners);
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"  learning effort adds {apart.Average():0.00} ± {by:0.00} (s.e. of the paired difference)"
            )
        );
    }

    private static Way? Recommended(Log log) => WeakSpotRanking.Of(log, Mat, Aim.Points).Spots is [var first, ..] ? first.Way : null;

    // What a block moved is told once its weeks are over; until then it is looked at anew.
    private static Func<Drills, Log, DateOnly, Efforts> Learned()
    {
        var known = new Dictionary<string, IReadOnlyList<Moved>>();
        return (drills, log, today) =>
        {
            var moved = new List<Moved>();
            foreach (var block in drills.Blocks.Where(b => b.Start < today))
            {
                if (!known.TryGetValue(block.Id, out var of))
                {
                    of = [.. Moving.Of(block, drills, Experience.OfBefore(block.Start, log, Mat), today)];
                    if (block.End.AddDays(7 * BlockWeeks) < today)
                        known[block.Id] = of;
                }
                moved.AddRange(of);
            }
            return Efforts.From(moved);
        };
    }

    // As if every kind had been drilled for a lifetime.
    private Efforts Known() => Efforts.From([.. effects.Select((e, i) => new Moved($"b{i}", e.Key, 1, e.Value, 1e-6))]);

    private double By(Func<Log, Random, Way?> choose)
    {
        var log = training.Train(WeeksBefore);
        var hours = Week.Days.Sum(d => d.Minutes) / 60.0;
        for (var block = 0; block < Blocks; block++)
        {
            var pick = choose(log, random);
            Fade();
            for (var week = 0; week < BlockWeeks; week++)
            {
                if (pick is not null)
                    Drill(pick, hours);
                log = training.Train(1);
            }
        }
        return practitioner.Value(Aim.Points);
    }

    private double ByPlan(Func<Drills, Log, DateOnly, Efforts> efforts)
    {
        var log = training.Train(WeeksBefore);
        var drills = Drills.None;
        for (var block = 0; block < Blocks; block++)
        {
            var start = log.Sessions.Max(s => s.Date)!.Value.AddDays(3);
            var experience = Experience.Of(log, Mat);
            var ranking = WeakSpotRanking.Of(experience, Aim.Points, Against.Usual);
            var proposal = Proposing.Of(experience, ranking, Aim.Points, Week, drills.Before(start), start, efforts(drills, log, start));
            Fade();
            var plan = new Plan([], null);
            if (proposal.Sets is [var set, ..])
            {
                var begun = Block.Of($"b{block}", set, start, BlockWeeks);
                plan = Planning.Of(begun, Week, drills.Before(start), experience);
                drills = drills with { Blocks = [.. drills.Blocks, begun] };
            }
            for (var week = 0; week < BlockWeeks; week++)
            {
                foreach (
                    var session in plan.Sessions.Where(s => s.Date >= start.AddDays(7 * week) && s.Date < start.AddDays(7 * (week + 1)))
                )
                {
                    foreach (var round in session.Rounds)
                        Drill(round.Round.Way.OnBothSides(), round.Round.Minutes / 60.0);
                    var rounds = session.Rounds.Select(r => new DrilledRound(r.Focus, r.Round.Rung, r.Round.Minutes, null, []));
                    drills = drills with { Done = [.. drills.Done, new DrilledSession($"b{block}", session.Date, [.. rounds])] };
                }
                log = training.Train(1);
            }
        }
        return practitioner.Value(Aim.Points);
    }

    private void Drill(Way way, double hours)
    {
        if (way.Move is null || hours <= 0)
            return;
        var left = Math.Max(0, 1 - gained.GetValueOrDefault(way) / Ceiling);
        var effect = effects.GetValueOrDefault(ExchangeKind.Of(way, Mat), UsualEffect) * hours * left;
        gained[way] = gained.GetValueOrDefault(way) + effect;
        Change(way, effect);
    }

    private void Fade()
    {
        foreach (var (way, before) in gained.ToList())
        {
            gained[way] = before * Kept;
            Change(way, (Kept - 1) * before);
        }
    }

    // Mine come off more readily, theirs less.
    private void Change(Way way, double better) =>
        practitioner.Drill(way.From, way.By, way.Move!.Value, Math.Exp(way.By == Who.Me ? better : -better));
}
