using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Core.Weeks;
using AshNotch.Storage;

namespace AshNotch.App;

/// <summary>The log in memory, read anew when anybody has changed the database, with the names that a telling of it may use.</summary>
/// <param name="store">Where it is kept.</param>
/// <param name="vocabulary">The vocabulary.</param>
public sealed class LogCache(LogStore store, MatVocabulary vocabulary)
{
    private const int MostWindows = 8;
    private readonly Lock gate = new();
    private readonly Lock learning = new();
    private readonly Dictionary<LogWindow, Experience> learned = [];
    private readonly Dictionary<(LogWindow, Aim, Against), WeakSpots> rankings = [];
    private readonly Dictionary<Aim, Courses> courses = [];
    private Log? learnedFrom;
    private volatile Experience? last;
    private (long Version, Log Log)? kept;
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
                // The version is read first: a commit in between makes the next call read again, never miss it.
                var version = store.Version;
                if (kept is not { } fresh || fresh.Version != version)
                    kept = (version, store.Read());
                return kept.Value.Log;
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
    public WeakSpots Ranking(LogWindow window, Aim aim, Against against)
    {
        lock (learning)
        {
            var experience = Experience(window);
            if (!rankings.TryGetValue((window, aim, against), out var known))
                rankings[(window, aim, against)] = known = WeakSpotRanking.Of(experience, aim, against);
            return known;
        }
    }

    /// <summary>How things went over the weeks.</summary>
    public Courses Courses(Aim aim)
    {
        lock (learning)
        {
            var experience = Experience(default);
            if (!courses.TryGetValue(aim, out var known))
            {
                var followed = Followed.Of(experience, Ranking(default, aim, Against.Usual));
                courses[aim] = known = Core.Weeks.Courses.Of(Core.Skill.Experience.OfAllWeeks(experience.Log, vocabulary), followed);
            }
            return known;
        }
    }

    /// <summary>What places are worth under an aim.</summary>
    public PlaceValues Values(Aim aim) => PlaceValues.Of(Experience(default), aim);

    /// <summary>The same as last learned, so that who saves does not wait; a roll more or less hardly moves it.</summary>
    public PlaceValues ValuesAtHand(Aim aim) => PlaceValues.Of(last ?? Experience(default), aim);

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
