using AshNotch.Core.Chain;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Weeks;

/// <summary>
/// How things went over the weeks: for each subject what happened in each fortnight, against what average weeks would have brought with just
/// those partners and as many attempts.
/// </summary>
/// <param name="All">Each side's share of all that lands, the followed places and moves after it.</param>
/// <param name="Changed">What changed lately in one sentence, for who has a minute.</param>
public sealed record Courses(IReadOnlyList<Course> All, string Changed)
{
    private const int Days = 14;
    private const int Lately = 2;

    // Below this many expected events in either stretch nothing is said. The authors' judgement.
    private const double Enough = 3;

    // From what chance on a change is called one.
    private const double Called = 0.9;

    /// <summary>Follows subjects through a log.</summary>
    /// <param name="experience">
    /// What the log taught with every week counting alike: <see cref="Experience.OfAllWeeks"/>. Sessions without a day are left out.
    /// </param>
    /// <param name="subjects">What to follow.</param>
    public static Courses Of(Experience experience, IReadOnlyList<Subject> subjects)
    {
        var walk = experience.Walk;
        var days = walk.Rolls.Select(r => r.Logged.Session.Date).OfType<DateOnly>().ToList();
        if (days.Count == 0)
            return new Courses([], "Nothing is logged yet.");
        // Fortnights end on the newest day, so that the last one is whole.
        var last = days.Max();
        var count = (last.DayNumber - days.Min().DayNumber) / Days + 1;
        var begin = last.AddDays(1 - Days * count);
        var tracks = subjects.Select(s => new Track(s, count)).ToList();
        foreach (var step in walk.Steps)
        {
            var roll = walk.Rolls[step.Roll];
            if (roll.Logged.Session.Date is not { } day)
                continue;
            var fortnight = (day.DayNumber - begin.DayNumber) / Days;
            foreach (var track in tracks)
                track.Add(step, roll, fortnight, experience.Model);
        }
        var courses = tracks.Select(t => t.Finish(begin, experience)).ToList();
        return new Courses(courses, ChangeOf(courses));
    }

    private static string ChangeOf(List<Course> courses)
    {
        if (courses.All(c => c.Before.Expected < Enough))
            return "There are hardly any earlier weeks to compare with yet; from the fifth week on this page says what changes.";
        var most = courses.Where(c => c.Turn is Turn.Better or Turn.Worse or Turn.Learned && c.Subject.From is not null).MaxBy(c => c.Sure);
        most ??= courses.FirstOrDefault(c => c.Turn is Turn.Better or Turn.Worse);
        return most?.Say ?? "Nothing has clearly changed in the last four weeks.";
    }

    private sealed class Track(Subject subject, int fortnights)
    {
        private readonly Ratio[] counts = new Ratio[fortnights];
        private readonly List<string>[] rolls = [.. Enumerable.Range(0, fortnights).Select(_ => new List<string>())];
        private readonly Dictionary<string, (Ratio Before, Ratio Lately)> partners = [];

        public void Add(Step step, WalkedRoll roll, int fortnight, SkillModel model)
        {
            if (subject.From is { } place && step.From != place)
                return;
            if (subject.From is null && step.Result == StepResult.Stays)
                return;
            var expected = subject.From is null
                ? ShareOfLandings(step, model)
                : model.Written(step.From, step.Roll, subject.By, subject.Move);
            var happened = subject.Counts(step);
            var one = new Ratio(happened ? 1 : 0, expected);
            counts[fortnight] = counts[fortnight].And(one);
            if (happened && (rolls[fortnight].Count == 0 || rolls[fortnight][^1] != roll.Roll.Id))
                rolls[fortnight].Add(roll.Roll.Id);
            if (roll.Roll.Partner is not { } partner)
                return;
            var (before, lately) = partners.GetValueOrDefault(partner);
            partners[partner] = fortnight < fortnights - Lately ? (before.And(one), lately) : (before, lately.And(one));
        }

        // For the whole only what landed is looked at: how many stops are written changes with the teller's patience.
        private double ShareOfLandings(Step step, SkillModel model)
        {
            var mine = model.ShareOfMine(step.From, step.Roll);
            return subject.By == Who.Me ? mine : 1 - mine;
        }

        public Course Finish(DateOnly begin, Experience experience)
        {
            var before = Sum(counts.SkipLast(Lately));
            var lately = Sum(counts.TakeLast(Lately));
            var below = lately.ChanceBelow(before);
            // Less of theirs is better, more of mine is.
            var better = subject.By == Who.Partner ? below : 1 - below;
            var turn =
                before.Expected < Enough || lately.Expected < Enough ? Turn.Unknown
                : better >= Called ? Turn.Better
                : better <= 1 - Called ? Turn.Worse
                : Turn.Level;
            var with = partners
                .Select(p => new WithPartner(p.Key, p.Value.Before, p.Value.Lately))
                .OrderByDescending(p => p.Before.Expected + p.Lately.Expected)
                .ToList();
            var learner = turn == Turn.Worse ? Learner(with, before, lately) : null;
            var course = new Course(
                subject,
                subject.Say(experience.Vocabulary),
                learner is null ? turn : Turn.Learned,
                Math.Max(better, 1 - better),
                "",
                before,
                lately,
                [.. counts.Select((c, i) => new Fortnight(begin.AddDays(Days * i), c, rolls[i]))],
                with
            );
            return course with { Say = CourseWords.Of(course, learner is null ? null : experience.Log.Partner(learner.Partner)?.Name) };
        }

        // The one partner with whom it got worse, where it did not with the others.
        private WithPartner? Learner(List<WithPartner> with, Ratio before, Ratio lately)
        {
            double Worse(Ratio then, Ratio now) => subject.By == Who.Partner ? then.ChanceBelow(now) : now.ChanceBelow(then);
            return with.Where(p => p.Lately.Expected >= 1 && Worse(p.Before, p.Lately) >= 0.75)
                .OrderByDescending(p => Worse(p.Before, p.Lately))
                .FirstOrDefault(p => Worse(before.Without(p.Before), lately.Without(p.Lately)) < 0.7);
        }

        private static Ratio Sum(IEnumerable<Ratio> parts) => parts.Aggregate(default(Ratio), (a, b) => a.And(b));
    }
}
