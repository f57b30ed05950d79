using AshNotch.Storage.Backups;
using AshNotch.Storage.Files;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage;

// Copies, and what is done between saves.
public sealed partial class LogStore
{
    /// <summary>The copies beside the log, newest first.</summary>
    public IReadOnlyList<Backup> Backups() => BackupFolder.Of(file.Directory).List();

    /// <summary>Makes a copy beside the log.</summary>
    public Backup MakeBackup(DateTimeOffset now) => Using(connection => BackupFolder.Of(file.Directory).Make(connection, "made", now));

    /// <summary>What a copy beside the log holds.</summary>
    /// <exception cref="StorageException">There is none of that name, or it is damaged.</exception>
    public BackupContents LookInto(string backup) => BackupContents.Of(Found(backup).Path);

    /// <summary>Writes a copy to a file, which is replaced when the copy is whole.</summary>
    public void Backup(string path) =>
        Using(connection =>
        {
            BackupFolder.Write(connection, Path.GetFullPath(path));
            return true;
        });

    /// <summary>Puts a copy in the place of the log, while others read and write; what is replaced is kept as a copy, which is returned.</summary>
    /// <exception cref="StorageException">The file is no copy of a log, or damaged.</exception>
    public Backup Restore(string path, DateTimeOffset now)
    {
        lock (writing)
        {
            try
            {
                file.ThrowIfMoved();
                using var ready = Restoring.Of(Path.GetFullPath(path), file.Directory, LogRows.Version(writer) + 1);
                var kept = BackupFolder.Of(file.Directory).Make(writer, "before-restore", now);
                using (var from = DataFile.Connect(DataFile.ConnectionString(ready.Path, pooling: false)))
                {
                    Lineage.Carry(writer, from);
                    from.BackupDatabase(writer);
                }
                Lineage.Fold(writer, file.Path);
                return kept;
            }
            catch (SqliteException e)
            {
                throw SqliteTrouble.Of(e, file.Path);
            }
        }
    }

    /// <summary>Puts the copy of this name back, likewise.</summary>
    public Backup RestoreBackup(string name, DateTimeOffset now) => Restore(Found(name).Path, now);

    /// <summary>The log of a directory cannot be opened, being damaged.</summary>
    public static bool IsDamaged(string directory)
    {
        try
        {
            Open(directory).Dispose();
            return false;
        }
        catch (StorageException e)
        {
            return e.Trouble == StorageTrouble.Damaged;
        }
    }

    /// <summary>Puts a copy in the place of a log that cannot be opened any more, which is kept beside it; nobody may be serving it.</summary>
    /// <returns>Where the damaged file is now.</returns>
    public static string RestoreOverDamaged(string directory, string path, DateTimeOffset now)
    {
        using var held = DataLock.Take(directory);
        var damaged = Path.Combine(Path.GetFullPath(directory), FileName);
        using var ready = Restoring.Of(Path.GetFullPath(path), Path.GetFullPath(directory), 1);
        var aside = $"{damaged}-damaged-{now.UtcDateTime:yyyyMMdd-HHmmss}";
        foreach (var companion in (string[])["", "-wal"])
            if (File.Exists(damaged + companion))
                File.Move(damaged + companion, aside + companion);
        File.Delete(damaged + "-shm");
        File.Delete(damaged + "-mark");
        File.Move(ready.Path, damaged);
        return aside;
    }

    /// <summary>
    /// What is done between saves: the write-ahead log is folded into the file once nobody has written for a while, so that the bare file is
    /// whole; a copy is made each night, and old ones are thinned out.
    /// </summary>
    /// <param name="idle">How long nobody must have written.</param>
    /// <param name="now">The time here.</param>
    public void Upkeep(TimeSpan idle, DateTimeOffset now)
    {
        if (!folded && Environment.TickCount64 - lastWrite >= idle.TotalMilliseconds)
        {
            lock (writing)
            {
                file.ThrowIfMoved();
                Lineage.Fold(writer, file.Path);
                folded = true;
            }
        }
        var folder = BackupFolder.Of(file.Directory);
        var newest = folder.List().FirstOrDefault(b => b.Kind == BackupFolder.Nightly);
        if (newest is not null && Night(newest.At.ToOffset(now.Offset)) >= Night(now))
            return;
        if (IsEmpty || (newest is not null && BackupContents.Of(newest.Path).Version == Version))
            return;
        Using(connection => folder.Make(connection, BackupFolder.Nightly, now));
        folder.Thin(now);
    }

    // A night belongs to the day before until three in the morning.
    private static DateTime Night(DateTimeOffset now) => now.DateTime.AddHours(-3).Date;

    private Backup Found(string name) =>
        BackupFolder.Of(file.Directory).Find(name)
        ?? throw new StorageException($"there is no backup '{name}'; it may have been thinned out.");
}
