using AshNotch.Storage.Files;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Backups;

/// <summary>
/// Which copies are whole, and in what order they were made: by the version of the log in them, as the clock may have been wrong. Each is
/// looked at once, and again when it has changed.
/// </summary>
internal sealed class GoodCopies
{
    private readonly Dictionary<string, Seen> known = [];
    private readonly Lock gate = new();

    /// <summary>The newest that is whole, with the version of the log it holds.</summary>
    public (Backup Copy, long Version)? Newest(IEnumerable<Backup> copies)
    {
        lock (gate)
        {
            foreach (var (copy, version) in Ordered(copies))
            {
                var seen = known[copy.Path];
                if ((seen.IsWhole ??= IsWhole(copy.Path)) == true)
                    return (copy, version);
            }
            return null;
        }
    }

    /// <summary>Those that can be read, the last made first.</summary>
    public IReadOnlyList<(Backup Copy, long Version)> InOrder(IEnumerable<Backup> copies)
    {
        lock (gate)
            return Ordered(copies);
    }

    private List<(Backup Copy, long Version)> Ordered(IEnumerable<Backup> copies) =>
        copies
            .Select(copy => (Copy: copy, Version: VersionOf(copy)))
            .Where(c => c.Version is not null)
            .Select(c => (c.Copy, Version: c.Version!.Value))
            .OrderByDescending(c => c.Version)
            .ThenByDescending(c => c.Copy.At)
            .ToList();

    private long? VersionOf(Backup copy)
    {
        var file = new FileInfo(copy.Path);
        if (!file.Exists)
            return null;
        if (!known.TryGetValue(copy.Path, out var seen) || seen.Bytes != file.Length || seen.At != file.LastWriteTimeUtc)
            known[copy.Path] = seen = new Seen(file.Length, file.LastWriteTimeUtc, LookInto(copy.Path));
        return seen.Version;
    }

    private static long? LookInto(string path)
    {
        try
        {
            DataFile.Look(path);
            return BackupContents.Of(path).Version;
        }
        catch (Exception e) when (e is SqliteException or StorageException or IOException or UnauthorizedAccessException)
        {
            return null;
        }
    }

    private static bool IsWhole(string path)
    {
        try
        {
            using var connection = DataFile.ConnectTo(path);
            return Integrity.Quick(connection) is null;
        }
        catch (SqliteException)
        {
            return false;
        }
    }

    private sealed class Seen(long bytes, DateTime at, long? version)
    {
        public long Bytes => bytes;

        public DateTime At => at;

        public long? Version => version;

        public bool? IsWhole { get; set; }
    }
}
