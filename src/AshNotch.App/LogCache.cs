using AshNotch.Core.Rolls;
using AshNotch.Storage;

namespace AshNotch.App;

/// <summary>The log in memory, read anew when anybody has changed the database.</summary>
/// <param name="store">Where it is kept.</param>
public sealed class LogCache(LogStore store)
{
    private readonly Lock gate = new();
    private (long Version, Log Log)? kept;

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
}
