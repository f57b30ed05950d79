using System.Diagnostics;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling;
using AshNotch.Core.Drilling.Effort;
using AshNotch.Core.Lessons;
using AshNotch.Core.Partners;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Core.Weeks;
using AshNotch.Storage;

namespace AshNotch.App;

/// <summary>The log in memory, brought up to date when anybody has changed it, with what it teaches and the names that a telling may use.</summary>
/// <param name="store">Where it is kept.</param>
/// <param name="vocabulary">The vocabulary.</param>
/// <param name="preferences">What the practitioner wants of a roll.</param>
public sealed class LogCache(LogStore store, MatVocabulary vocabulary, Preferences preferences)
{
    private readonly Lock gate = new();
    private readonly Lock learning = new();
    private readonly Lock naming = new();
    private readonly Lock remembering = new();
    private const int MostFlights = 32;
    private static readonly TimeSpan Moment = TimeSpan.FromMilliseconds(60);
    private readonly Dictionary<(LogWindow, Goal, Against), Task<WeakSpots>> flights = [];
    private volatile Knowledge? knowledge;
    private volatile Valued? valued;
    private volatile Gisted? gist;
    private Task? gisting;
    private volatile Peopled? people;
    private Task<Peopled>? peopling;
    private int refreshing;
    private LogSnapshot? kept;
    private (IReadOnlyList<OwnName> Own, Phrasebook Book)? names;
    private (long Version, Log Log)? named;
    private (long Version, Phrasebook Book, Register Register)? remembered;

    /// <summary>The vocabulary.</summary>
    public MatVocabulary Vocabulary => vocabulary;

    /// <summary>The rules that matches are scored by.</summary>
    public Rulebook Rulebook => preferences.Rulebook;

    /// <summary>What is made of a lead.</summary>
    public LeadSchool Lead => preferences.All.Lead;

    /// <summary>What the ranking is made for, as set.</summary>
    public Goal Goal => preferences.Goal;

    /// <summary>The log as it stands now.</summary>
    public Log Log => Now.Log;

    /// <summary>The log, and what was chosen to drill.</summary>
    public Diary Diary => Now.Diary;

    /// <summary>Of the log only what a telling may name, partners and names of one's own: who tells a roll does not wait for the rest.</summary>
    public Log Named
    {
        get
        {
            lock (naming)
            {
                var version = store.Version;
                if (named is not { } known || known.Version != version)
                    named = (version, store.Around([]));
                return named.Value.Log;
            }
        }
    }

    private LogSnapshot Now
    {
        get
        {
            lock (gate)
            {
                if (kept is null || kept.Version != store.Version)
                    kept = store.Snapshot(kept);
                return kept;
            }
        }
    }

    /// <summary>What a part of the log taught.</summary>
    public Experience Experience(LogWindow window) => Learn(l => l.Experience(window));

    /// <summary>The ranking of a part of the log.</summary>
    public WeakSpots Ranking(LogWindow window, Goal goal, Against against) => Learn(l => l.Ranking(window, goal, against));

    /// <summary>The same, for many who ask at once: all wait for one, and none holds a thread meanwhile.</summary>
    public async Task<WeakSpots> RankingInTime(LogWindow window, Goal goal, Against against)
    {
        var asked = store.Version;
        while (true)
        {
            if (knowledge is { } now && now.Version >= asked && now.Known(window, goal, against) is { } known)
                return known;
            Task<WeakSpots> under;
            lock (flights)
            {
                if (!flights.TryGetValue((window, goal, against), out under!) || under.IsCompleted)
                    flights[(window, goal, against)] = under = Task.Run(() => Ranking(window, goal, against));
                if (flights.Count > MostFlights)
                    flights.Clear();
            }
            await under;
        }
    }

    /// <summary>
    /// The ranking of the whole log and the weeks. Where learning takes longer than a moment, what was learned last is given instead, said
    /// to be behind; unless who asks would rather wait.
    /// </summary>
    public async Task<(WeakSpots Ranking, Courses Courses, bool Behind)> Gist(Goal goal, bool wait)
    {
        var now = GistInTime(goal);
        if (!wait && !now.IsCompleted && gist is { } last && last.Goal == goal)
        {
            // What took long last time takes long again; what did not is worth a moment.
            if (last.Took > Moment || await Task.WhenAny(now, Task.Delay(Moment)) != now)
                return (last.Ranking, last.Courses, true);
        }
        var learned = await now;
        return (learned.Ranking, learned.Courses, false);
    }

    private async Task<Gisted> GistInTime(Goal goal)
    {
        var asked = store.Version;
        while (true)
        {
            if (gist is { } known && known.Goal == goal && known.Version >= asked)
                return known;
            Task under;
            lock (flights)
                under = gisting is { IsCompleted: false } ? gisting : gisting = Task.Run(() => gist = Learned(goal));
            await under;
        }
    }

    private Gisted Learned(Goal goal)
    {
        var watch = Stopwatch.StartNew();
        var version = store.Version;
        return new Gisted(goal, version, Ranking(default, goal, Against.Usual), Courses(goal), watch.Elapsed);
    }

    /// <summary>How things went over the weeks.</summary>
    public Courses Courses(Goal goal)
    {
        // Apart from the learning: who asks for the ranking does not wait for the weeks.
        var (from, experience, ranking) = Learn(l => (l, l.Experience(default), l.Ranking(default, goal, Against.Usual)));
        return from.Courses(goal, experience, ranking);
    }

    /// <summary>How things went over the weeks with one partner.</summary>
    public Courses Courses(string partner)
    {
        var goal = Goal;
        return Learn(l => l.Courses(partner, goal));
    }

    /// <summary>How one thing went over the weeks.</summary>
    public Courses Courses(Subject subject) => Learn(l => l).Courses(subject);

    /// <summary>What places are worth under a goal.</summary>
    public PlaceValues Values(Goal goal) =>
        Learn(l =>
        {
            var experience = l.Experience(default);
            if (valued is not { } known || !ReferenceEquals(known.Experience, experience) || known.Goal != goal)
                valued = known = new Valued(experience, goal, PlaceValues.Of(experience, goal));
            return known.Values;
        });

    /// <summary>
    /// The same as last learned, so that who saves or leafs through the rack does not wait: a roll more or less hardly moves it. What was
    /// learned since is learned meanwhile.
    /// </summary>
    public PlaceValues ValuesAtHand(Goal goal)
    {
        if (valued is not { } known || known.Goal != goal)
            return Values(goal);
        if (knowledge?.Version != store.Version && Interlocked.CompareExchange(ref refreshing, 1, 0) == 0)
            _ = Task.Run(() => Refresh(goal));
        return known.Values;
    }

    /// <summary>The names of places and moves, the user's own among them; made anew only when those change.</summary>
    public Phrasebook Book
    {
        get
        {
            var own = Named.OwnNames;
            lock (naming)
            {
                if (names is not { } known || !known.Own.SequenceEqual(own))
                    names = (own, Phrasebook.Of(vocabulary, own));
                return names.Value.Book;
            }
        }
    }

    /// <summary>What every move of one side really does.</summary>
    public MoveBook Moves(Who by)
    {
        var goal = Goal;
        return Learn(l => l.Moves(goal, by));
    }

    /// <summary>
    /// What the log says of the people in it. Where learning takes longer than a moment, what was learned last is given instead, said to be
    /// behind, unless who asks would rather wait.
    /// </summary>
    public async Task<(Dossiers Dossiers, bool Behind)> DossiersInTime(bool wait)
    {
        var asked = store.Version;
        var goal = Goal;
        if (people is { } last && last.Version >= asked && last.Goal == goal)
            return (last.Dossiers, false);
        Task<Peopled> now;
        lock (flights)
            now = peopling is { IsCompleted: false } ? peopling : peopling = Task.Run(() => people = Met(goal, asked));
        if (!wait && people is { } known && known.Goal == goal && await Task.WhenAny(now, Task.Delay(Moment)) != now)
            return (known.Dossiers, true);
        // Who came while others learned may have asked of a newer log, or for another goal.
        var learned = await now;
        return learned.Version >= asked && learned.Goal == goal ? (learned.Dossiers, false) : await DossiersInTime(wait);
    }

    private Peopled Met(Goal goal, long asked)
    {
        var rules = Rulebook;
        return new Peopled(goal, asked, Learn(l => l.Dossiers(goal, rules)));
    }

    /// <summary>What an hour of drilling is worth, by the blocks before a day.</summary>
    public Efforts Efforts(DateOnly day) => Learn(l => l.Efforts(day));

    /// <summary>Everything that was to be remembered.</summary>
    public Register Lessons
    {
        get
        {
            var (now, book) = (Now, Book);
            lock (remembering)
            {
                if (remembered is not { } known || known.Version != now.Version || known.Book != book)
                    remembered = (now.Version, book, Register.Of(now.Log, book));
                return remembered.Value.Register;
            }
        }
    }

    // Learns what the sections ask for first.
    private void Refresh(Goal goal)
    {
        try
        {
            Values(goal);
            Ranking(default, goal, Against.Usual);
        }
        catch (StorageException)
        {
            // Who asks next is told.
        }
        finally
        {
            refreshing = 0;
        }
    }

    // Who waited while others learned takes what they learned, if it is of no older log than the one they asked about.
    private T Learn<T>(Func<Knowledge, T> ask)
    {
        var asked = store.Version;
        lock (learning)
        {
            if (knowledge is null || knowledge.Version < asked)
                knowledge = new Knowledge(Now, vocabulary, knowledge);
            return ask(knowledge);
        }
    }

    private sealed record Peopled(Goal Goal, long Version, Dossiers Dossiers);

    private sealed record Gisted(Goal Goal, long Version, WeakSpots Ranking, Courses Courses, TimeSpan Took);

    private sealed record Valued(Experience Experience, Goal Goal, PlaceValues Values);
}
