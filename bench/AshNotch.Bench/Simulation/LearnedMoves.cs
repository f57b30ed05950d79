using AshNotch.Core.Partners;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Simulation;

/// <summary>Whether what a partner has learned of me is found, and whether it is seen where nobody has.</summary>
internal static class LearnedMoves
{
    private const double Odds = 1 / 3.0;
    private const int MostWeeks = 1000;

    // What is found was tuned on the practitioners before these.
    private const int First = 2001;

    private static readonly (string Name, int Before, int Over, int After)[] Falls =
    [
        ("30 before, over 30, 30 after", 30, 30, 30),
        ("30 before, at once, 30 after", 30, 0, 30),
        ("100 before, at once, 30 after", 100, 0, 30),
        ("over the only 30", 0, 30, 0),
        ("60 before, over 30, 60 after", 60, 30, 60),
        ("120 before, over 30, 120 after", 120, 30, 120),
    ];

    /// <summary>Prints how often, for partners who have learned, who have not, and where it fell with everybody.</summary>
    public static void Run(int practitioners, int first = First)
    {
        Console.WriteLine($"Learned: the odds of a favourite fall to a third against one partner; {practitioners} practitioners each.");
        foreach (var habit in Habit.All)
        foreach (var (name, before, over, after) in Falls)
        foreach (var by in (Who[])[Who.Me, Who.Partner])
        {
            var (found, beside, falsely, everybody) = (0, 0, 0, 0);
            for (var seed = first; seed < first + practitioners; seed++)
            {
                var (learned, fading) = Found(seed, habit, by, Odds, before, over, after, one: true);
                bool IsIt(Learned l) => l.Partner == fading.Watched && l.Way.Move == fading.Move && l.Way.By == by;
                found += learned.Any(IsIt) ? 1 : 0;
                beside += learned.Any(l => !IsIt(l)) ? 1 : 0;
                falsely += Found(seed + 50_000, habit, by, 1, before, over, after, one: true).Learned.Count > 0 ? 1 : 0;
                everybody += Found(seed, habit, by, Odds, before, over, after, one: false).Learned.Count > 0 ? 1 : 0;
            }
            Console.WriteLine(
                $"  {habit.Name, -15} {(by == Who.Me ? "my move" : "theirs"), -8} {name, -30} found {found}, another beside it {beside}; seen where nobody has {falsely}, where it fell with everybody {everybody}"
            );
        }
    }

    private static (List<Learned> Learned, Fading Fading) Found(
        int seed,
        Habit habit,
        Who by,
        double odds,
        int before,
        int over,
        int after,
        bool one
    )
    {
        var practitioner = new SimulatedPractitioner(seed);
        var places = practitioner.Places.ToList();
        // What is tried most often with the partner met most, in a log of their own that is thrown away.
        var partner = practitioner.Partners.MaxBy(p => p.Share)!.Record.Id;
        var lived = new SimulatedLog(practitioner, Habit.All[0], new Random(seed)).Train(26);
        var best = lived
            .Rolls.SelectMany(r => r.Roll.Notches)
            .Where(n => n.By == by && n is { Move: not null, Given: null } && n.Outcome is Outcome.Landed or Outcome.Tap)
            .GroupBy(n => (places.IndexOf(n.From!.Value), n.Move!.Value))
            .OrderByDescending(g => g.Count())
            .First()
            .Key;
        var fading = new Fading(best.Item1, by, best.Value, one ? partner : null, partner, before, over, odds);
        var simulated = new SimulatedLog(practitioner, habit, new Random(seed + 1)) { Fading = fading };
        Log log;
        var week = 0;
        do log = simulated.Train(1);
        while (++week < MostWeeks && fading.Tries < before + over + after);
        var tries = TryWith.ByWay(Happening.ByExchange(log, MatVocabulary.BuiltIn), MatVocabulary.BuiltIn);
        return ([.. WhoLearned.Of(tries).SelectMany(l => l)], fading);
    }
}
