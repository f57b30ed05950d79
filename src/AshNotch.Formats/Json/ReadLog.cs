using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>A log that was read, with the terms in it that the vocabulary does not know.</summary>
/// <param name="Log">The log.</param>
/// <param name="OwnTerms">Ids of places and moves kept as the user's own, each once, in order of appearance.</param>
public sealed record ReadLog(Log Log, IReadOnlyList<string> OwnTerms);
