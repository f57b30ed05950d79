using AshNotch.Core.Drilling;
using AshNotch.Core.Rolls;

namespace AshNotch.Storage;

/// <summary>The log at one moment.</summary>
/// <param name="Version">Grows with every change of the log; drafts and settings are no part of it.</param>
/// <param name="Diary">The log, and what was chosen to drill.</param>
public sealed record LogSnapshot(long Version, Diary Diary)
{
    /// <summary>The log.</summary>
    public Log Log => Diary.Log;
}
