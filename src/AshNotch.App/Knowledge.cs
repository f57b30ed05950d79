using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling.Effort;
using AshNotch.Core.Drilling.Review;
using AshNotch.Core.Partners;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Core.Weeks;
using AshNotch.Storage;

namespace AshNotch.App;

/// <summary>What one state of the log teaches, worked out as it is asked for and kept as long as the log stays so.</summary>
/// <param name="from">The log.</param>
/// <param name="vocabulary">The vocabulary.</param>
/// <param name="before">What an earlier state taught; it only saves time.</param>
internal sealed class Knowledge(LogSnapshot from, MatVocabulary vocabulary, Knowledge? before)
{
    private const int MostWindows = 8;
    private const int MostRankings = 24;
    private readonly Recent<LogWindow, Experience> learned = new(MostWindows);
    private readonly Recent<(LogWindow, Goal, Against), WeakSpots> rankings = new(MostRankings);
    private readonly Recent<(string, Goal), Courses> coursesWith = new(MostWindows);
    private readonly Dictionary<Goal, Courses> courses = [];
    private readonly Experience? wholeBefore = before?.learned.Known(default);
    private readonly Experience? weeksBefore = before?.ofAllWeeks;
    private Experience? ofAllWeeks;
    private readonly Dictionary<(Goal, Who), MoveBook> moves = [];
    private (DateOnly Day, Efforts Efforts)? efforts;
    private readonly Dictionary<Goal, Dossiers> dossiers = [];

    /// <summary>The version of the log.</summary>
    public long Version => from.Version;

    /// <summary>What a part of the log taught.</summary>
    public Experience Experience(LogWindow window) =>
        learned.Of(window, () => Core.Skill.Experience.Of(window.Of(from.Log), vocabulary, before: window == default ? wholeBefore : null));

    /// <summary>The ranking of a part of the log, if it was worked out already; may be asked while others learn.</summary>
    public WeakSpots? Known(LogWindow window, Goal goal, Against against) => rankings.Known((window, goal, against));

    /// <summary>The ranking of a part of the log.</summary>
    public WeakSpots Ranking(LogWindow window, Goal goal, Against against) =>
        rankings.Of((window, goal, against), () => WeakSpotRanking.Of(Experience(window), goal, against));

    /// <summary>How things went over the weeks with one partner.</summary>
    public Courses Courses(string partner, Goal goal)
    {
        var window = new LogWindow(Partner: partner);
        return coursesWith.Of(
            (partner, goal),
            () =>
                Core.Weeks.Courses.Of(
                    Core.Skill.Experience.OfAllWeeks(window.Of(from.Log), vocabulary),
                    Followed.Of(Experience(window), Ranking(window, goal, Against.Usual))
                )
        );
    }

    /// <summary>How things went over the weeks, as followed from what the log taught.</summary>
    public Courses Courses(Goal goal, Experience experience, WeakSpots ranking)
    {
        lock (courses)
            return courses.TryGetValue(goal, out var known)
                ? known
                : courses[goal] = Core.Weeks.Courses.Of(OfAllWeeks(), Followed.Of(experience, ranking));
    }

    /// <summary>How one thing went over the weeks.</summary>
    public Courses Courses(Subject subject)
    {
        lock (courses)
            return Core.Weeks.Courses.Of(OfAllWeeks(), [subject]);
    }

    /// <summary>What every move of one side really does, in the unit of a goal.</summary>
    public MoveBook Moves(Goal goal, Who by)
    {
        if (!moves.TryGetValue((goal, by), out var known))
            moves[(goal, by)] = known = MoveBook.Of(from.Log, PlaceValues.Of(Experience(default), goal), goal, by);
        return known;
    }

    /// <summary>What an hour of drilling is worth, by the blocks before a day.</summary>
    public Efforts Efforts(DateOnly day) =>
        efforts is { } known && known.Day == day
            ? known.Efforts
            : (efforts = (day, Moving.Learned(from.Diary.Drills, from.Log, day, vocabulary))).Value.Efforts;

    /// <summary>What the log says of the people in it.</summary>
    public Dossiers Dossiers(Goal goal, Rulebook rules)
    {
        if (!dossiers.TryGetValue(goal, out var known))
            dossiers[goal] = known = Core.Partners.Dossiers.Of(from.Log, PlaceValues.Of(Experience(default), goal), goal, rules.Of);
        return known;
    }

    private Experience OfAllWeeks() => ofAllWeeks ??= Core.Skill.Experience.OfAllWeeks(from.Log, vocabulary, weeksBefore);
}
