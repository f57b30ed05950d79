namespace AshNotch.Storage.Backups;

/// <summary>A copy of a whole log: history, what was deleted, settings and drafts included.</summary>
/// <param name="Path">Where it is.</param>
/// <param name="Name">Its file's name.</param>
/// <param name="At">When it was made.</param>
/// <param name="Kind">Why: <c>nightly</c>, <c>made</c> by hand, <c>before-restore</c>, <c>before-update-N</c>.</param>
/// <param name="Bytes">Its size.</param>
public sealed record Backup(string Path, string Name, DateTimeOffset At, string Kind, long Bytes);
