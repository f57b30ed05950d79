using AshNotch.Storage.Files;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Backups;

/// <summary>A copy made ready to take the place of a log: with the write-ahead log beside it, looked at in full, brought to the newest form.</summary>
internal sealed class Restoring : IDisposable
{
    private const int Tries = 3;
    private readonly Unfinished half;

    private Restoring(Unfinished half) => this.half = half;

    /// <summary>Where it lies; the file it was made from is untouched.</summary>
    public string Path => half.Path;

    /// <summary>Makes it ready.</summary>
    /// <param name="file">The copy.</param>
    /// <param name="directory">The data directory.</param>
    /// <param name="held">Its lock.</param>
    /// <exception cref="StorageException">The file is no copy of a log, is damaged, or cannot be read.</exception>
    public static Restoring Of(string file, string directory, KeepingLock held)
    {
        var log = System.IO.Path.Combine(directory, DataFile.Name);
        if (RealPath.Of(file) == RealPath.Of(log))
            throw new StorageException($"{file} is the log itself; name a copy of it. Nothing was replaced.");
        try
        {
            DataFile.Look(file);
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            throw new StorageException($"{file} cannot be read ({e.Message}). Nothing was replaced.", StorageTrouble.Unusable);
        }
        var ready = new Restoring(Unfinished.Begin(log, held));
        try
        {
            Bring(file, ready.Path);
            using var connection = DataFile.Connect(DataFile.ConnectionString(ready.Path, pooling: false));
            connection.Run("PRAGMA journal_mode = DELETE;");
            if (Integrity.Full(connection) is { } complaint)
                throw new StorageException($"{file} is damaged: {complaint}. Nothing was replaced.", StorageTrouble.Damaged);
            Schema.ThrowIfForeign(connection, file);
            Schema.Update(connection);
            if (Contents.Trouble(connection, strictly: false) is { } trouble)
                throw new StorageException($"{file} is damaged: {trouble}. Nothing was replaced.", StorageTrouble.Damaged);
            return ready;
        }
        catch (Exception e)
        {
            ready.Dispose();
            throw e switch
            {
                // What ran full is where it was being brought to, not where it is.
                _ when DiskTrouble.IsFull(e) || e is SqliteException { SqliteErrorCode: 13 } => SqliteTrouble.Full(log),
                SqliteException sqlite => SqliteTrouble.Of(sqlite, file),
                IOException or UnauthorizedAccessException => new StorageException(
                    $"{file} cannot be read ({e.Message}). Nothing was replaced.",
                    StorageTrouble.Unusable
                ),
                _ => e,
            };
        }
    }

    /// <inheritdoc/>
    public void Dispose() => half.Dispose();

    // A file copied from under a program that was writing is two files: what is only in its write-ahead log belongs to it.
    private static void Bring(string file, string to)
    {
        var log = file + "-wal";
        for (var tried = 0; tried < Tries; tried++)
        {
            var before = (Signature(file), Signature(log));
            File.Copy(file, to, overwrite: true);
            Private.File(to);
            File.Delete(to + "-wal");
            if (File.Exists(log) && new FileInfo(log).Length > 0 && !Lineage.IsAnother(file))
            {
                File.Copy(log, to + "-wal", overwrite: true);
                Private.File(to + "-wal");
            }
            if (before == (Signature(file), Signature(log)))
                return;
        }
        throw new StorageException(
            $"somebody is writing to {file}; stop them, or make a copy of it with: ./notch backup. Nothing was replaced.",
            StorageTrouble.Busy
        );
    }

    private static (long, DateTime) Signature(string file) =>
        new FileInfo(file) is { Exists: true } there ? (there.Length, there.LastWriteTimeUtc) : default;
}
