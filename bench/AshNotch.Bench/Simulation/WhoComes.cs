using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;

namespace AshNotch.Bench.Simulation;

/// <summary>
/// Who is likely there, on a year of attendance that was not looked at, beside guessing whoever was met most. The people are invented: each
/// has weekdays, a rate, weeks away, sometimes a season; some come new and some stop, and of those there a few are rolled with.
/// </summary>
internal static class WhoComes
{
    private const int People = 14;
    private const int Rolled = 5;
    private static readonly DateOnly First = new(2025, 1, 6);
    private static readonly int[] Days = [0, 2, 4, 5];

    /// <summary>Prints how many of those met were foretold, and how sure.</summary>
    public static void Run(int gyms, int first = 1)
    {
        var (model, most, lately, met) = (0, 0, 0, 0);
        var (brier, plain, told) = (0.0, 0.0, 0);
        for (var seed = first; seed < first + gyms; seed++)
        {
            var sessions = Sessions(new Random(seed));
            var attendance = Attendance.Of(new Log { Sessions = sessions });
            foreach (var session in sessions.Where(s => s.Date >= First.AddDays(364)))
            {
                var who = session.Rolls.Select(r => r.Partner!).ToHashSet();
                var before = sessions.Where(s => s.Date < session.Date).ToList();
                var chances = attendance.On(session.Date!.Value);
                var often = Often(before);
                model += chances.Take(who.Count).Count(c => who.Contains(c.Partner));
                most += often.Take(who.Count).Count(o => who.Contains(o.Key));
                lately += Often(before.TakeLast(16)).Take(who.Count).Count(o => who.Contains(o.Key));
                met += who.Count;
                foreach (var (partner, chance) in chances)
                {
                    var there = who.Contains(partner) ? 1 : 0;
                    brier += (chance - there) * (chance - there);
                    var share = often.First(o => o.Key == partner).Value / (double)before.Count;
                    plain += (share - there) * (share - there);
                    told++;
                }
            }
        }
        Console.WriteLine($"Who is likely there: {gyms} gyms of {People}, the second of two years, as many named as were met.");
        Console.WriteLine(
            $"  foretold {(double)model / met:0.00}, the most frequent {(double)most / met:0.00}, the most frequent of the last 16 sessions {(double)lately / met:0.00}; mean square error of the chances {brier / told:0.000}, of the plain shares {plain / told:0.000}"
        );
    }

    private static List<KeyValuePair<string, int>> Often(IEnumerable<Session> before) =>
        [
            .. before
                .SelectMany(s => s.Rolls.Select(r => r.Partner!).Distinct())
                .CountBy(p => p)
                .OrderByDescending(c => c.Value)
                .ThenBy(c => c.Key),
        ];

    private static List<Session> Sessions(Random random)
    {
        var people = Enumerable
            .Range(0, People)
            .Select(i => new
            {
                Id = $"p{i}",
                Days = Days.Where(_ => random.NextDouble() < 0.55).ToHashSet(),
                Rate = 0.3 + 0.6 * random.NextDouble(),
                From = random.Next(3) == 0 ? random.Next(600) : 0,
                Until = random.Next(3) == 0 ? 150 + random.Next(580) : 10_000,
                SummerAway = random.Next(3) == 0,
                Changes = random.Next(3) == 0 ? 200 + random.Next(300) : 10_000,
                DaysAfter = Days.Where(_ => random.NextDouble() < 0.55).ToHashSet(),
                AwayWeeks = Enumerable.Range(0, 104).Where(_ => random.NextDouble() < 0.1).ToHashSet(),
            })
            .ToList();
        var sessions = new List<Session>();
        for (var week = 0; week < 104; week++)
            foreach (var day in Days)
            {
                if (random.NextDouble() < 0.2)
                    continue;
                var at = 7 * week + day;
                var date = First.AddDays(at);
                var there = people
                    .Where(p => at >= p.From && at < p.Until && !p.AwayWeeks.Contains(week) && !(p.SummerAway && date.Month is 7 or 8))
                    .Where(p => (at < p.Changes ? p.Days : p.DaysAfter).Contains(day) && random.NextDouble() < p.Rate)
                    .OrderBy(_ => random.Next())
                    .Take(Rolled);
                var rolls = there.Select(p => new Roll { Id = $"{at}-{p.Id}", Partner = p.Id }).ToList();
                if (rolls.Count > 0)
                    sessions.Add(
                        new Session
                        {
                            Id = $"s{at}",
                            Date = date,
                            Rolls = rolls,
                        }
                    );
            }
        return sessions;
    }
}
