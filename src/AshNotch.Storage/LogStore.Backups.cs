using AshNotch.Storage.Backups;
using AshNotch.Storage.Files;

namespace AshNotch.Storage;

// Copies, and what is done between saves.
public sealed partial class LogStore
{
    private readonly GoodCopies good = new();
    private string? copyTrouble;
    private string? foldTrouble;

    /// <summary>The copies beside the log, newest first.</summary>
    public IReadOnlyList<Backup> Backups() => BackupFolder.Of(file.Directory).List();

    /// <summary>Makes a copy beside the log; it is whole and on the disk when this returns.</summary>
    public Backup MakeBackup(DateTimeOffset now)
    {
        using var held = Keeping();
        return Using(connection => BackupFolder.Of(file.Directory).Make(connection, "made", now, held));
    }

    /// <summary>What a copy beside the log holds.</summary>
    /// <exception cref="StorageException">There is none of that name, or it is damaged.</exception>
    public BackupContents LookInto(string backup) => BackupContents.Of(Found(backup).Path);

    /// <summary>Writes a copy to a file, which is replaced when the copy is whole.</summary>
    /// <exception cref="StorageException">The file is a log in use, a directory, or something else than a copy.</exception>
    public void Backup(string path)
    {
        CopyTarget.ThrowIfUnfit(path, file.Path);
        using var held = Keeping();
        Using(connection =>
        {
            BackupFolder.Write(connection, RealPath.Of(path), held);
            return true;
        });
    }

    /// <summary>Puts a copy in the place of the log, while others read and write; what is replaced is kept as a copy, which is returned.</summary>
    /// <exception cref="StorageException">The file is no copy of a log, or damaged.</exception>
    public Backup Restore(string path, DateTimeOffset now)
    {
        using var held = Keeping();
        try
        {
            using var ready = Restoring.Of(Path.GetFullPath(path), file.Directory, held);
            Backup kept;
            using (var connection = DataFile.Connect(DataFile.ConnectionString(file.Path, pooling: false)))
            {
                kept = Exclusively(() =>
                    Replacing.With(
                        connection,
                        ready,
                        file.WritePatience,
                        () => Using(reader => BackupFolder.Of(file.Directory).Make(reader, "before-restore", now, held))
                    )
                );
            }
            Exclusively(() =>
            {
                Lineage.Fold(writer, file.Path);
                return true;
            });
            return kept;
        }
        catch (Exception e) when (Trouble(e) is { } trouble)
        {
            throw trouble;
        }
    }

    /// <summary>Puts the copy of this name back, likewise.</summary>
    public Backup RestoreBackup(string name, DateTimeOffset now) => Restore(Found(name).Path, now);

    /// <summary>How it stands with the copies.</summary>
    public CopyState Copies()
    {
        var newest = good.Newest(Backups());
        return new CopyState(newest?.Copy, IsEmpty || newest?.Version == Version, copyTrouble, foldTrouble);
    }

    /// <summary>There was a log in a directory, and its file is gone.</summary>
    public static bool IsMissing(string directory) =>
        DataFile.WasThere(Path.Combine(directory, FileName)) is not null && !File.Exists(Path.Combine(directory, FileName));

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

    /// <summary>
    /// Puts a copy in the place of a log that cannot be opened any more, which is kept beside it, or of one that is gone; nobody may be
    /// serving it.
    /// </summary>
    /// <returns>Where the damaged file is now; null where there was none.</returns>
    public static string? RestoreOverDamaged(string directory, string path, DateTimeOffset now)
    {
        using var served = DataLock.Take(directory);
        using var held = KeepingLock.Take(directory, DataFile.Patience);
        var damaged = Path.Combine(Path.GetFullPath(directory), FileName);
        var aside = $"{damaged}-damaged-{now.UtcDateTime:yyyyMMdd-HHmmss}";
        using var ready = Restoring.Of(Path.GetFullPath(path), Path.GetFullPath(directory), held);
        using (var connection = DataFile.Connect(DataFile.ConnectionString(ready.Path, pooling: false)))
        {
            Era.BeginUnknown(connection);
            Lineage.Renew(connection);
        }
        var wasThere = File.Exists(damaged);
        foreach (var companion in (string[])["", "-wal"])
            if (File.Exists(damaged + companion))
                File.Move(damaged + companion, aside + companion);
        File.Delete(damaged + "-shm");
        File.Delete(damaged + "-mark");
        File.Move(ready.Path, damaged);
        Synced.Directory(Path.GetDirectoryName(damaged)!);
        return wasThere ? aside : null;
    }

    /// <summary>
    /// What is done between saves: the write-ahead log is folded into the file once nobody has written for a while, so that the bare file is
    /// whole; a copy is made each night, and old ones are thinned out. While another program makes a copy, it is left for later.
    /// </summary>
    /// <param name="idle">How long nobody must have written.</param>
    /// <param name="now">The time here.</param>
    /// <exception cref="StorageException">Something of it could not be done; what could, was.</exception>
    public void Upkeep(TimeSpan idle, DateTimeOffset now)
    {
        using var held = KeepingLock.TryTake(file.Directory);
        if (held is null)
            return;
        try
        {
            CopyIfDue(now, held);
            copyTrouble = null;
        }
        catch (Exception e) when (e is StorageException or IOException or UnauthorizedAccessException)
        {
            copyTrouble = e.Message;
            FoldIfIdle(idle);
            throw;
        }
        FoldIfIdle(idle);
    }

    private void FoldIfIdle(TimeSpan idle)
    {
        if (folded || Environment.TickCount64 - lastWrite < idle.TotalMilliseconds)
            return;
        try
        {
            Exclusively(() =>
            {
                file.ThrowIfMoved();
                Lineage.Fold(writer, file.Path);
                return folded = true;
            });
            foldTrouble = null;
        }
        catch (StorageException e)
        {
            foldTrouble = e.Message;
            throw;
        }
        catch (Exception e) when (Trouble(e) is { } trouble)
        {
            foldTrouble = trouble.Message;
            throw trouble;
        }
    }

    private void CopyIfDue(DateTimeOffset now, KeepingLock held)
    {
        var folder = BackupFolder.Of(file.Directory);
        IEnumerable<Backup> Nightly() => folder.List().Where(b => b.Kind == BackupFolder.Nightly);
        var newest = good.Newest(Nightly());
        // One of a day to come was made by a clock that was wrong; it holds no night up.
        if (newest is { } last && last.Copy.At <= now && Night(last.Copy.At.ToOffset(now.Offset)) >= Night(now))
            return;
        if (IsEmpty || newest?.Version == Version)
            return;
        Using(connection => folder.Make(connection, BackupFolder.Nightly, now, held));
        BackupFolder.Thin([.. good.InOrder(Nightly()).Select(c => c.Copy)], now);
    }

    private KeepingLock Keeping()
    {
        file.ThrowIfMoved();
        return KeepingLock.Take(file.Directory, DataFile.Patience);
    }

    // A night belongs to the day before until three in the morning.
    private static DateTime Night(DateTimeOffset now) => now.DateTime.AddHours(-3).Date;

    private Backup Found(string name) =>
        BackupFolder.Of(file.Directory).Find(name)
        ?? throw new StorageException($"there is no backup '{name}'; it may have been thinned out.");
}
