using System.Globalization;
using AshNotch.Core.Drilling.Choosing;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;

namespace AshNotch.Core.Drilling.Plans;

/// <summary>
/// Lays a block out over the sessions of a week: minutes shared by gain, one focus at a time at first and mixed later, a rung higher every
/// second time, what was drilled before back in short refreshers at widening gaps, and less in the last week before a competition.
/// </summary>
public sealed class Planning
{
    private const int UsualRound = 6;
    private const int LongestRound = 10;
    private const int RefresherMinutes = 4;
    private const int TimesPerRung = 2;
    private const int LastDays = 7;
    private static readonly int[] RefreshAfter = [7, 21, 49];

    private readonly Block block;
    private readonly MyWeek week;
    private readonly IReadOnlyList<Drilled> drilled;
    private readonly Experience experience;
    private readonly WithWhom partners;
    private readonly double[] share;
    private readonly double[] given;
    private readonly int[] times;
    private readonly Dictionary<Way, Ladder> ladders = [];

    private Planning(Block block, MyWeek week, IReadOnlyList<Drilled> drilled, Experience experience)
    {
        (this.block, this.week, this.drilled, this.experience) = (block, week, drilled, experience);
        partners = new WithWhom(experience);
        var gains = block.Focuses.Select(f => Math.Max(f.GainPerRoll ?? 0, 0)).ToArray();
        var least = gains.Max() > 0 ? gains.Max() / 4 : 1;
        // Chosen without a figure, or with next to none, it still gets its part.
        share = [.. gains.Select(g => Math.Max(g, least))];
        given = new double[share.Length];
        times = new int[share.Length];
    }

    /// <summary>The sessions of a block. The same block, week and log give the same plan.</summary>
    /// <param name="block">The block.</param>
    /// <param name="week">When and how the practitioner trains.</param>
    /// <param name="drilled">What was drilled before it.</param>
    /// <param name="experience">What the log taught.</param>
    /// <param name="from">The first day still to be planned; those before it are past.</param>
    public static Plan Of(Block block, MyWeek week, IReadOnlyList<Drilled> drilled, Experience experience, DateOnly? from = null)
    {
        if (block.Focuses.Count == 0)
            return new Plan([], "The block has no focus.");
        var first = from is { } day && day > block.Start ? day : block.Start;
        if (first > block.End)
            return new Plan([], string.Create(CultureInfo.InvariantCulture, $"The block ended on {block.End:d MMMM yyyy}."));
        if (week.Days.Count == 0)
            return new Plan([], "Your week has no day to train on. Say which days under My week, and the rounds are laid out.");
        var days = week.Sessions(first, block.End).ToList();
        if (days.Count == 0)
            return new Plan([], "Every day of this block is off. Move its end, or take a day off back.");
        var planning = new Planning(block, week, drilled, experience);
        var sessions = days.Select((d, i) => planning.Session(d.Date, d.Day, 2 * i >= days.Count)).ToList();
        return new Plan(
            sessions,
            sessions.Any(s => s.Rounds.Any(r => r.Round.Minutes > 0))
                ? null
                : $"No day has the {MyWeek.ShortestRound} minutes that the shortest round takes. Give one day more minutes."
        );
    }

    private PlannedSession Session(DateOnly date, TrainingDay day, bool mixed)
    {
        if (week.Stopped.Contains(date))
            return new PlannedSession(date, day.Minutes, [], "You blacked out or were hit on the head: stop for today, and see a doctor.");
        var isLast = week.Competition is { } coming && coming.Date > date && coming.Date.DayNumber - date.DayNumber <= LastDays;
        var (drilling, positional) = isLast ? (day.Drilling / 2, day.Positional / 2) : (day.Drilling, day.Positional);
        // What is too little for a round on either side may be enough for one of both.
        if (drilling < MyWeek.ShortestRound || positional < MyWeek.ShortestRound)
            (drilling, positional) = drilling >= positional ? (drilling + positional, 0) : (0, drilling + positional);
        var rounds = new List<PlannedRound>();
        if (Refresher(date) is { } back && drilling + positional >= RefresherMinutes + MyWeek.ShortestRound)
        {
            rounds.Add(new PlannedRound(-1, Ladder(back).Round(Rung.FromThePlace, RefresherMinutes), partners.On(date, back, block.Start)));
            (drilling, positional) =
                positional >= RefresherMinutes ? (drilling, positional - RefresherMinutes) : (drilling - RefresherMinutes, positional);
        }
        var longest = mixed ? UsualRound : LongestRound;
        var worked = new Dictionary<int, int>();
        var focus = Next();
        foreach (var (length, isDrilling) in Lengths(drilling, positional, longest))
        {
            if (mixed && worked.Count > 0)
                focus = Next();
            worked[focus] = worked.GetValueOrDefault(focus) + length;
            given[focus] += length;
            Add(rounds, focus, RungOf(focus, isDrilling, isLast), length, date);
        }
        foreach (var one in worked.Keys)
            times[one]++;
        // What was drilled most is carried into the usual rolls of the day, which take none of these minutes: one mission, not three.
        if (worked.Count > 0)
            Add(rounds, worked.OrderByDescending(w => w.Value).ThenBy(w => w.Key).First().Key, Rung.Live, 0, date);
        return new PlannedSession(date, day.Minutes, rounds, Note(date, isLast, rounds.Count), day.Time);
    }

    private void Add(List<PlannedRound> rounds, int focus, Rung rung, int minutes, DateOnly date)
    {
        // The same twice in a row is one longer round.
        if (
            rounds.Count > 0
            && rounds[^1] is var last
            && last.Focus == focus
            && last.Round.Rung == rung
            && last.Round.Minutes + minutes <= LongestRound
        )
        {
            minutes += last.Round.Minutes;
            rounds.RemoveAt(rounds.Count - 1);
        }
        var way = block.Focuses[focus].Way;
        rounds.Add(new PlannedRound(focus, Ladder(way).Round(rung, minutes), partners.On(date, way, block.Start)));
    }

    // The one that is furthest behind its share.
    private int Next()
    {
        var best = 0;
        for (var i = 1; i < share.Length; i++)
            if (given[i] / share[i] < given[best] / share[best])
                best = i;
        return best;
    }

    private Rung RungOf(int focus, bool isDrilling, bool isLast)
    {
        var level = (int)block.Focuses[focus].Rung + times[focus] / TimesPerRung;
        var rung = isDrilling && level <= (int)Rung.FromThePlace ? (int)Rung.Repetitions : Math.Max((int)Rung.FromThePlace, level);
        // Live is what the usual rolls are for; and nothing hard in the last days.
        return (Rung)Math.Min(rung, (int)(isLast ? Rung.FromThePlace : Rung.OneStepEarlier));
    }

    // As few rounds as there can be of at most so many minutes, alike to a minute.
    private static IEnumerable<(int Length, bool IsDrilling)> Lengths(int drilling, int positional, int longest)
    {
        foreach (var (minutes, isDrilling) in new[] { (drilling, true), (positional, false) })
        {
            var count = minutes < MyWeek.ShortestRound ? 0 : (minutes + longest - 1) / longest;
            for (var i = 0; i < count; i++)
                yield return (minutes / count + (i < minutes % count ? 1 : 0), isDrilling);
        }
    }

    // What ended a week, three weeks or seven ago and has not been back since then.
    private Way? Refresher(DateOnly date) =>
        drilled
            .Where(d =>
                block.Focuses.All(f => f.Way.OnBothSides() != d.Way.OnBothSides())
                && RefreshAfter.Any(after => IsFirstSessionAfter(date, d.Until.AddDays(after)))
            )
            .Select(d => d.Way)
            .FirstOrDefault();

    private bool IsFirstSessionAfter(DateOnly date, DateOnly due) =>
        date >= due && date.DayNumber - due.DayNumber < LastDays && !week.Sessions(due, date.AddDays(-1)).Any();

    private static string? Note(DateOnly date, bool isLast, int rounds) =>
        isLast ? "The last week before the competition: half the minutes, nothing new, nothing hard."
        : rounds == 0 ? string.Create(CultureInfo.InvariantCulture, $"Too few minutes on {date:dddd} for a round.")
        : null;

    private Ladder Ladder(Way way) =>
        ladders.TryGetValue(way, out var ladder)
            ? ladder
            : ladders[way] = new Ladder(way, Before.Of(way.From, experience.Walk), week.Second, experience.Vocabulary);
}
