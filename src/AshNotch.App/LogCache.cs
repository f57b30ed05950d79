using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Core.Weeks;
using AshNotch.Storage;

namespace AshNotch.App;

/// <summary>The log in memory, brought up to date when anybody has changed it, with the names that a telling of it may use.</summary>
/// <param name="store">Where it is kept.</param>
/// <param name="vocabulary">The vocabulary.</param>
public sealed class LogCache(LogStore store, MatVocabulary vocabulary)
{
    private const int MostWindows = 8;
    private readonly Lock gate = new();
    private readonly Lock learning = new();
    private readonly Dictionary<LogWindow, Experience> learned = [];
    private readonly Dictionary<(LogWindow, Goal, Against), WeakSpots> rankings = [];
    private readonly Dictionary<Goal, Courses> courses = [];
    private Log? learnedFrom;
    private volatile Experience? last;
    private volatile Valued? valued;
    private Experience? ofAllWeeks;
    private LogSnapshot? kept;
    private (IReadOnlyList<OwnName> Own, Phrasebook Book)? names;

    /// <summary>The vocabulary.</summary>
    public MatVocabulary Vocabulary => vocabulary;

    /// <summary>The log as it stands now.</summary>
    public Log Log
    {
        get
        {
            lock (gate)
            {
                if (kept is null || kept.Version != store.Version)
                    kept = store.Snapshot(kept);
                return kept.Log;
            }
        }
    }

    /// <summary>What a part of the log taught; learned anew only when the log changes.</summary>
    public Experience Experience(LogWindow window)
    {
        var log = Log;
        lock (learning)
        {
            Forget(log);
            if (!learned.TryGetValue(window, out var known))
                learned[window] = known = Core.Skill.Experience.Of(window.Of(log), vocabulary);
            if (window == default)
                last = known;
            return known;
        }
    }

    /// <summary>The ranking of a part of the log, likewise.</summary>
    public WeakSpots Ranking(LogWindow window, Goal goal, Against against)
    {
        lock (learning)
        {
            var experience = Experience(window);
            if (!rankings.TryGetValue((window, goal, against), out var known))
                rankings[(window, goal, against)] = known = WeakSpotRanking.Of(experience, goal, against);
            return known;
        }
    }

    /// <summary>How things went over the weeks.</summary>
    public Courses Courses(Goal goal)
    {
        lock (learning)
        {
            var experience = Experience(default);
            if (!courses.TryGetValue(goal, out var known))
            {
                var followed = Followed.Of(experience, Ranking(default, goal, Against.Usual));
                courses[goal] = known = Core.Weeks.Courses.Of(OfAllWeeks(experience.Log), followed);
            }
            return known;
        }
    }

    /// <summary>How one thing went over the weeks.</summary>
    public Courses Courses(Subject subject)
    {
        lock (learning)
            return Core.Weeks.Courses.Of(OfAllWeeks(Experience(default).Log), [subject]);
    }

    private Experience OfAllWeeks(Log log)
    {
        if (ofAllWeeks is null || !ReferenceEquals(ofAllWeeks.Log, log))
            ofAllWeeks = Core.Skill.Experience.OfAllWeeks(log, vocabulary);
        return ofAllWeeks;
    }

    /// <summary>What places are worth under an aim.</summary>
    public PlaceValues Values(Goal goal) => Values(Experience(default), goal);

    /// <summary>The same as last learned, so that who saves does not wait; a roll more or less hardly moves it.</summary>
    public PlaceValues ValuesAtHand(Goal goal) => Values(last ?? Experience(default), goal);

    private PlaceValues Values(Experience experience, Goal goal)
    {
        if (valued is { } known && ReferenceEquals(known.Experience, experience) && known.Goal == goal)
            return known.Values;
        var values = PlaceValues.Of(experience, goal);
        valued = new Valued(experience, goal, values);
        return values;
    }

    private sealed record Valued(Experience Experience, Goal Goal, PlaceValues Values);

    private void Forget(Log log)
    {
        if (ReferenceEquals(learnedFrom, log) && learned.Count < MostWindows)
            return;
        learnedFrom = log;
        learned.Clear();
        rankings.Clear();
        courses.Clear();
    }

    /// <summary>The names of places and moves, the user's own among them; made anew only when those change.</summary>
    public Phrasebook Book
    {
        get
        {
            var own = Log.OwnNames;
            lock (gate)
            {
                if (names is not { } known || !known.Own.SequenceEqual(own))
                    names = (own, Phrasebook.Of(vocabulary, own));
                return names.Value.Book;
            }
        }
    }
}
