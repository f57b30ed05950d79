using AshNotch.Core.Rolls;

namespace AshNotch.Core.Partners;

/// <summary>
/// Who is likely on the mat on a day: how often each was met in the sessions before it, those of the same weekday and the newer ones counting
/// more, and those of the same weeks a year ago. How much more is what would have foretold this log's own sessions best.
/// </summary>
public sealed class Attendance
{
    // What a session before counts: half after so many weeks; on another weekday so much of it. Chosen by the log among these.
    private static readonly double[] HalfLives = [4, 8, 16, 32];
    private static readonly double[] OtherDays = [0.05, 0.2, 0.5, 1];

    // Sessions of the same weeks a year ago count so much, besides. Chosen by the log among these.
    private static readonly double[] Seasons = [0, 0.15, 0.4];

    // So many sessions in which a partner came as seldom as anybody stand beside those there are. The authors' judgement.
    private const double Prior = 1.5;

    // Sessions that are foretold to choose; and nobody looks back further than two years.
    private const int Judged = 40;
    private const int DaysBack = 730;
    private const int Year = 364;
    private const int SeasonDays = 21;

    private readonly List<Met> sessions;
    private readonly List<string> partners;
    private readonly Lock choosing = new();
    private (int Before, Counting Counting)? chosen;

    private Attendance(List<Met> sessions, List<string> partners)
    {
        this.sessions = sessions;
        this.partners = partners;
    }

    // A day on the mat, and the numbers of those met.
    private readonly record struct Met(DateOnly Day, int[] Who);

    /// <summary>How the sessions before count.</summary>
    /// <param name="HalfLifeWeeks">After so many weeks half.</param>
    /// <param name="OtherDay">On another weekday so much.</param>
    /// <param name="Season">In the same weeks a year ago so much, besides.</param>
    private readonly record struct Counting(double HalfLifeWeeks, double OtherDay, double Season);

    /// <summary>The sessions of a log on which anybody known was met; competitions are no training.</summary>
    public static Attendance Of(Log log)
    {
        var numbers = new Dictionary<string, int>();
        var sessions = new List<Met>();
        foreach (
            var day in log
                .Sessions.Where(s => s.Date is not null && s.Kind != SessionKind.Competition)
                .GroupBy(s => s.Date!.Value)
                .OrderBy(g => g.Key)
        )
        {
            int[] who = [.. day.SelectMany(s => s.Rolls).Select(r => r.Partner).OfType<string>().Distinct().Select(Number)];
            if (who.Length > 0)
                sessions.Add(new Met(day.Key, who));
        }
        return new Attendance(sessions, [.. numbers.Keys]);

        int Number(string partner)
        {
            if (!numbers.TryGetValue(partner, out var number))
                numbers[partner] = number = numbers.Count;
            return number;
        }
    }

    /// <summary>
    /// The first day after one on which the log's owner usually trains: a weekday that makes at least a tenth of the sessions of the last
    /// eight weeks. Null where there are none.
    /// </summary>
    public DateOnly? NextClass(DateOnly after)
    {
        if (sessions.Count == 0)
            return null;
        var newest = sessions[^1].Day;
        var lately = sessions.Where(s => s.Day > newest.AddDays(-56)).ToList();
        var usual = lately.CountBy(s => s.Day.DayOfWeek).Where(c => c.Value >= lately.Count / 10.0).Select(c => c.Key).ToHashSet();
        return Enumerable.Range(1, 7).Select(after.AddDays).First(d => usual.Contains(d.DayOfWeek));
    }

    /// <summary>
    /// The chance for each partner to be met on a day, from 0 to 1, the likeliest first; judged by the sessions before it alone. Whoever was
    /// not met in two years is left out.
    /// </summary>
    public IReadOnlyList<(string Partner, double Chance)> On(DateOnly day)
    {
        var before = sessions.TakeWhile(s => s.Day < day).Count();
        Counting counting;
        lock (choosing)
        {
            if (chosen is not { } known || known.Before != before)
                chosen = known = (before, Chosen(before));
            counting = known.Counting;
        }
        return
        [
            .. Chances(day, before, Weights(counting))
                .Select((chance, number) => (Partner: partners[number], Chance: chance))
                .Where(c => c.Chance > 0)
                .OrderByDescending(c => c.Chance)
                .ThenBy(c => c.Partner, StringComparer.Ordinal),
        ];
    }

    // The counting that would have foretold the newest of the sessions before best.
    private Counting Chosen(int before)
    {
        var judged = Enumerable.Range(0, before).Skip(Math.Max(before / 2, before - Judged)).ToList();
        return (
            from half in HalfLives
            from other in OtherDays
            from season in Seasons
            let counting = new Counting(half, other, season)
            let weights = Weights(counting)
            orderby judged.Sum(j => Loss(j, weights))
            select counting
        ).First();
    }

    private double Loss(int session, (double Same, double Other)[] weights)
    {
        var chances = Chances(sessions[session].Day, session, weights);
        var loss = 0.0;
        for (var i = 0; i < chances.Length; i++)
        {
            if (chances[i] > 0)
                loss -= Math.Log(sessions[session].Who.Contains(i) ? chances[i] : 1 - chances[i]);
        }
        return loss;
    }

    // The chance of each partner by number; nought for whoever was not met in two years.
    private double[] Chances(DateOnly day, int before, (double Same, double Other)[] weights)
    {
        var met = new double[partners.Count];
        var all = 0.0;
        for (var i = before - 1; i >= 0; i--)
        {
            var ago = day.DayNumber - sessions[i].Day.DayNumber;
            if (ago > DaysBack)
                break;
            var weight = sessions[i].Day.DayOfWeek == day.DayOfWeek ? weights[ago].Same : weights[ago].Other;
            all += weight;
            foreach (var who in sessions[i].Who)
                met[who] += weight;
        }
        var usual = met.Sum() / Math.Max(1, met.Count(m => m > 0)) / Math.Max(all, double.Epsilon);
        for (var i = 0; i < met.Length; i++)
        {
            if (met[i] > 0)
                met[i] = Math.Clamp((met[i] + Prior * Math.Min(usual, 0.5) * 0.5) / (all + Prior), 0.001, 0.999);
        }
        return met;
    }

    // What a session so many days ago counts, on the same weekday and on another.
    private static (double Same, double Other)[] Weights(Counting counting)
    {
        var weights = new (double Same, double Other)[DaysBack + 1];
        for (var ago = 0; ago <= DaysBack; ago++)
        {
            var weight = Math.Pow(0.5, ago / 7.0 / counting.HalfLifeWeeks) + (Math.Abs(ago - Year) <= SeasonDays ? counting.Season : 0);
            weights[ago] = (weight, weight * counting.OtherDay);
        }
        return weights;
    }
}
