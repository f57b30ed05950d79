using AshNotch.Storage.Files;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Backups;

/// <summary>Which copies are whole. Each is looked through once, and again when it has changed.</summary>
internal sealed class GoodCopies
{
    private readonly Dictionary<string, (long Bytes, DateTime At, long? Version)> known = [];
    private readonly Lock gate = new();

    /// <summary>The newest good one, with the version of the log it holds; copies dated after now are asked last, as some clock was wrong.</summary>
    public (Backup Copy, long Version)? Newest(IEnumerable<Backup> copies, DateTimeOffset now)
    {
        foreach (var copy in copies.OrderBy(c => c.At > now).ThenByDescending(c => c.At))
        {
            if (VersionOf(copy) is { } version)
                return (copy, version);
        }
        return null;
    }

    private long? VersionOf(Backup copy)
    {
        var file = new FileInfo(copy.Path);
        if (!file.Exists)
            return null;
        lock (gate)
        {
            if (known.TryGetValue(copy.Path, out var seen) && seen.Bytes == file.Length && seen.At == file.LastWriteTimeUtc)
                return seen.Version;
            var version = LookInto(copy.Path);
            known[copy.Path] = (file.Length, file.LastWriteTimeUtc, version);
            return version;
        }
    }

    private static long? LookInto(string path)
    {
        try
        {
            DataFile.Look(path);
            using var connection = DataFile.ConnectTo(path);
            return Integrity.Quick(connection) is null ? BackupContents.Of(path).Version : null;
        }
        catch (Exception e) when (e is SqliteException or StorageException or IOException or UnauthorizedAccessException)
        {
            return null;
        }
    }
}
