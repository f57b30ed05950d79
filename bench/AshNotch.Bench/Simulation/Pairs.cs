using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Simulation;

/// <summary>Whether a feint that works is found, and whether one is seen where there is none.</summary>
internal static class Pairs
{
    private const int Tries = 40;

    // What is found was tuned on the practitioners before these.
    private const int First = 1001;
    private const double Odds = 3;
    private const int Weeks = 8;

    // It is shown so often in about so many weeks.
    private const int Over = 26;

    // What is worth a feint comes off now and then without one.
    private const double Comes = 0.3;
    private const int MostWeeks = 60;

    /// <summary>Prints how often, for practitioners with and without a feint.</summary>
    public static void Run(int practitioners)
    {
        Console.WriteLine(
            $"Pairs: a feint shown {Tries} times that makes the odds {Odds:0} times of what comes off in {Comes:0.0} of the steps; {practitioners} practitioners each."
        );
        foreach (var habit in Habit.All)
        {
            var (found, others, falsely) = (0, 0, 0);
            for (var seed = First; seed < First + practitioners; seed++)
            {
                var pairs = Found(Log(seed, habit, Odds, out var feint));
                found += pairs.Any(p => p.After.Move == feint.After && p.Move == feint.Move) ? 1 : 0;
                others += pairs.Any(p => p.After.Move != feint.After || p.Move != feint.Move) ? 1 : 0;
                falsely += Found(Log(seed + 10_000, habit, 1, out _)).Count > 0 ? 1 : 0;
            }
            Console.WriteLine(
                $"  {habit.Name, -16}found {found} of {practitioners}, another beside it {others}; seen where nobody falls for it {falsely} of {practitioners}"
            );
        }
    }

    // Rolls are told until the feint was shown so often.
    private static Log Log(int seed, Habit habit, double odds, out Feint feint)
    {
        var practitioner = new SimulatedPractitioner(seed);
        // What comes off most often, in a log of their own that is thrown away.
        var places = practitioner.Places.ToList();
        List<Notch> lived =
        [
            .. new SimulatedLog(practitioner, Habit.All[0], new Random(seed)).Train(Weeks).Rolls.SelectMany(r => r.Roll.Notches),
        ];
        var best = lived
            .Where(n => n is { By: Who.Me, Move: not null, Given: null } && n.Outcome is Outcome.Landed or Outcome.Tap)
            .GroupBy(n => (places.IndexOf(n.From!.Value), n.Move!.Value))
            .OrderByDescending(g => g.Count())
            .First()
            .Key;
        var visits = lived.Count(n => n.From == places[best.Item1]);
        var share = Math.Min(0.5, (double)Tries * Weeks / (Over * Math.Max(1, visits)));
        var shown = feint = Feint.Of(practitioner, best, odds, Comes, share);
        var simulated = new SimulatedLog(practitioner, habit, new Random(seed + 1)) { Feint = feint };
        Log log;
        var week = 0;
        do log = simulated.Train(1);
        while (++week < MostWeeks && log.Rolls.SelectMany(r => r.Roll.Notches).Count(Shown) < Tries);
        return log;

        bool Shown(Notch n) => n.By == Who.Me && n.Move == shown.After && n.From == places[shown.From];
    }

    private static List<Opening> Found(Log log)
    {
        var goal = Goal.Of(Aim.Points);
        var values = PlaceValues.Of(Experience.Of(log, MatVocabulary.BuiltIn), goal);
        return [.. MoveBook.Of(log, values, goal, Who.Me).Sheets.SelectMany(s => s.Opens)];
    }
}
