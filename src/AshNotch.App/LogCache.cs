using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage;

namespace AshNotch.App;

/// <summary>The log in memory, read anew when anybody has changed the database, with the names that a telling of it may use.</summary>
/// <param name="store">Where it is kept.</param>
/// <param name="vocabulary">The vocabulary.</param>
public sealed class LogCache(LogStore store, MatVocabulary vocabulary)
{
    private readonly Lock gate = new();
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
