using AshNotch.Core.Drilling;
using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>A log that was read, with the terms in it that the vocabulary does not know.</summary>
/// <param name="Diary">The log, and what was chosen to drill.</param>
/// <param name="OwnTerms">Ids of places and moves kept as the user's own, each once, in order of appearance.</param>
public sealed record ReadLog(Diary Diary, IReadOnlyList<string> OwnTerms)
{
    /// <summary>The log.</summary>
    public Log Log => Diary.Log;
}
