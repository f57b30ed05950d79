using AshNotch.Core.Rolls;

namespace AshNotch.Storage;

/// <summary>The log at one moment.</summary>
/// <param name="Version">Grows with every change of the log; drafts and settings are no part of it.</param>
/// <param name="Log">The log.</param>
public sealed record LogSnapshot(long Version, Log Log);
