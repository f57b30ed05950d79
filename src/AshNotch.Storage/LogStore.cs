using System.Globalization;
using System.Text.Json;
using AshNotch.Core.Merging;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats;
using AshNotch.Storage.Backups;
using AshNotch.Storage.Files;
using AshNotch.Storage.Importing;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage;

/// <summary>
/// A log in one SQLite file of a data directory. Writes are transactions that are on the disk when the call returns (write-ahead log, full
/// synchronous); several processes may use the same directory. Every member throws <see cref="StorageException"/> where the data cannot be used.
/// </summary>
public sealed class LogStore : IDisposable
{
    /// <summary>Name of the database file in a data directory.</summary>
    public const string FileName = DataFile.Name;

    private const string DemoMark = "demo";

    private readonly DataFile file;
    private readonly SqliteConnection watch;
    private readonly SqliteConnection writer;
    private readonly Lock writing = new();
    private long lastWrite = Environment.TickCount64;
    private bool folded = true;
    private long seen;
    private long version;

    private LogStore(DataFile file)
    {
        this.file = file;
        watch = file.Connect();
        writer = file.Connect();
        seen = -1;
    }

    /// <summary>Opens the log of a data directory; makes both where they are missing.</summary>
    /// <exception cref="StorageException">The directory cannot be used, the data is damaged or was written by a later version.</exception>
    public static LogStore Open(string directory) => new(DataFile.Open(directory, DateTimeOffset.UtcNow));

    /// <summary>A number that grows with every change of the log, whoever makes it; drafts and settings are no part of it.</summary>
    public long Version
    {
        get
        {
            lock (watch)
            {
                try
                {
                    // Asked first, as it costs nothing: whether anybody committed anything.
                    var commits = Convert.ToInt64(watch.Value("PRAGMA data_version"), null);
                    if (commits != seen)
                        (seen, version) = (commits, LogRows.Version(watch));
                    return version;
                }
                catch (SqliteException e)
                {
                    throw SqliteTrouble.Of(e, file.Path);
                }
            }
        }
    }

    /// <summary>The whole log as it stands now; sessions without rolls included.</summary>
    public Log Read() => Snapshot(null).Log;

    /// <summary>The log as it stands now, reading only what changed since it was last looked at.</summary>
    public LogSnapshot Snapshot(LogSnapshot? before) =>
        Using(connection =>
        {
            using var moment = connection.BeginTransaction(deferred: true);
            return before is null ? LogRows.Whole(connection) : LogRows.Since(before, connection);
        });

    /// <summary>
    /// Saves a roll with the head of its session in one transaction. A known roll keeps its place, and its earlier form in the history.
    /// </summary>
    /// <exception cref="FaultyInputException">The roll names a partner that is not there.</exception>
    public void SaveRoll(Session session, Roll roll, DateTimeOffset now) =>
        Keep(new RollsToKeep { Session = session, Rolls = [roll] }, now);

    /// <summary>
    /// Takes rolls of one session into the log with the partners met in them, and drops the draft they were told in, all or nothing.
    /// </summary>
    /// <exception cref="FaultyInputException">No day is said for a new roll, or a partner is not there.</exception>
    /// <exception cref="StorageException">The roll was changed since the version it was made from.</exception>
    public KeptRolls Keep(RollsToKeep wanted, DateTimeOffset now) => Write(connection => RollIntake.Keep(connection, wanted, now));

    /// <summary>Deletes a roll so that it can be taken back; false when there is none.</summary>
    public bool DeleteRoll(string id, DateTimeOffset now) => Write(connection => RollTable.Delete(connection, id, now));

    /// <summary>Takes a deletion back; false when there is none.</summary>
    public bool RestoreRoll(string id, DateTimeOffset now) => Write(connection => RollTable.Restore(connection, id, now));

    /// <summary>The changes of a roll, oldest first.</summary>
    public IReadOnlyList<RollChange> RollHistory(string id) => Using(connection => HistoryTable.Of(connection, id));

    /// <summary>How often a roll was changed.</summary>
    public int RollVersion(string id) => Using(connection => RollTable.Version(connection, id));

    /// <summary>Puts an earlier form of a roll back, its partner the one they were merged into since; false when there is no such form.</summary>
    public bool RestoreForm(string id, int number, DateTimeOffset now) =>
        Write(connection =>
        {
            var history = HistoryTable.Of(connection, id);
            if (RollTable.Find(connection, id) is not { } stands || number < 0 || number >= history.Count)
                return false;
            var form = HistoryTable.ReadRoll(history[number].Document, id);
            if (form.Partner is not null)
                form = form with { Partner = PartnerMergeTable.Now(connection, form.Partner) };
            using var writer = new RollWriter(connection);
            writer.Save(stands.Session, form, now, "edited");
            return true;
        });

    /// <summary>Saves a partner, new or known, the form a known one had kept. Rolls already logged keep the partner as they were.</summary>
    /// <exception cref="FaultyInputException">Another partner goes by that name.</exception>
    public void SavePartner(Partner partner, DateTimeOffset now) =>
        Write(connection =>
        {
            if (PeopleTables.Named(connection, partner.Name) is { } other && other.Id != partner.Id)
                throw new FaultyInputException([new Fault("name", $"there is a {other.Name} already; choose another nickname.")]);
            PeopleTables.Save(connection, partner, now);
            return true;
        });

    /// <summary>Makes two records of one partner one; returns the number by which it is undone.</summary>
    /// <exception cref="StorageException">One of them is not there.</exception>
    public long MergePartners(string gone, string kept, DateTimeOffset now) =>
        Write(connection => PartnerMergeTable.MakeOne(connection, gone, kept, now));

    /// <summary>Takes a merge apart; false when there is none to undo.</summary>
    public bool UndoMerge(long merge, DateTimeOffset now) => Write(connection => PartnerMergeTable.Undo(connection, merge, now));

    /// <summary>The id under which the rolls of a partner are kept now; another than asked where they were merged.</summary>
    public string PartnerNow(string id) => Using(connection => PartnerMergeTable.Now(connection, id));

    /// <summary>Saves the practitioner.</summary>
    public void SavePractitioner(Practitioner practitioner) =>
        Write(connection =>
        {
            PeopleTables.Save(connection, practitioner);
            return true;
        });

    /// <summary>Adds a focus as the newest.</summary>
    public void ChooseFocus(Focus focus) => Write(connection => FocusTable.Add(connection, focus));

    /// <summary>Saves a name of the user's own; one of the same name is replaced.</summary>
    public void SaveOwnName(OwnName name) =>
        Write(connection =>
        {
            OwnNameTable.Save(connection, name);
            return true;
        });

    /// <summary>Drops a name of the user's own; false when there is none.</summary>
    public bool DropOwnName(string name) => Write(connection => OwnNameTable.Drop(connection, name));

    /// <summary>Every draft, the one last written to first.</summary>
    public IReadOnlyList<Draft> Drafts() => Using(DraftTable.Read);

    /// <summary>
    /// Keeps a draft; null drops it. One that arrives after its roll is in the log already is not kept: it would come back as a second roll.
    /// </summary>
    public void KeepDraft(string id, string? body, DateTimeOffset now) => Write(connection => DraftTable.Save(connection, id, body, now));

    /// <summary>A setting, or null.</summary>
    public string? Setting(string name) =>
        Using(connection => connection.Value("SELECT value FROM setting WHERE name = $1", name) as string);

    /// <summary>Keeps a setting.</summary>
    public void KeepSetting(string name, string value) =>
        Write(connection =>
            connection.Run("INSERT INTO setting (name, value) VALUES ($1, $2) ON CONFLICT (name) DO UPDATE SET value = $2", name, value)
        );

    /// <summary>What taking a log in would change, with the version of the log that was looked at. Nothing is changed.</summary>
    public (ImportPlan Plan, long Version) PlanImport(Log coming)
    {
        var (plan, from) = Planned(coming);
        return (plan, from.Version);
    }

    /// <summary>What taking a log in would bring where there is no log yet. None is made.</summary>
    public static ImportPlan PlanFirstImport(Log coming) =>
        ImportPlan.Of(
            coming,
            new Known(new Log(), new Dictionary<string, Roll>(), _ => [], _ => [], id => id, HistoryTable.Written, HistoryTable.Written)
        );

    /// <summary>Carries a plan out, in one transaction; null when it changes nothing.</summary>
    /// <exception cref="StorageException">The log was changed since the plan was made.</exception>
    public Import? Import(ImportPlan plan, long version, ImportChoice choice, DateTimeOffset now) =>
        Import(
            plan,
            choice,
            now,
            connection =>
                LogRows.Version(connection) == version
                    ? plan
                    : throw new StorageException(
                        "the log has changed since you looked at what the file would change; look at it again. Nothing was taken in.",
                        StorageTrouble.Changed
                    )
        ).Done;

    /// <summary>Takes a whole log in as the plan has it: what is new or was never edited here comes, the rest stays.</summary>
    public Import? Import(Log log, DateTimeOffset now, ImportChoice? choice = null) =>
        ImportAsPlanned(log, now, choice ?? ImportChoice.AsPlanned).Done;

    /// <summary>The same, with the plan that was carried out.</summary>
    public (Import? Done, ImportPlan Plan) ImportAsPlanned(Log log, DateTimeOffset now, ImportChoice choice)
    {
        var (plan, from) = Planned(log);
        return Import(plan, choice, now, InForce);

        // Where somebody saved in between, what they changed is looked at again, with everybody else waiting.
        ImportPlan InForce(SqliteConnection connection)
        {
            var here = LogRows.Since(from, connection);
            return here.Version == from.Version ? plan : ImportPlan.Of(log, TakingIn.Known(connection, here.Log), plan);
        }
    }

    private (ImportPlan Plan, LogSnapshot From) Planned(Log coming) =>
        Using(connection =>
        {
            using var moment = connection.BeginTransaction(deferred: true);
            var here = LogRows.Whole(connection);
            return (ImportPlan.Of(coming, TakingIn.Known(connection, here.Log)), here);
        });

    private (Import? Done, ImportPlan Plan) Import(
        ImportPlan plan,
        ImportChoice choice,
        DateTimeOffset now,
        Func<SqliteConnection, ImportPlan> inForce
    ) =>
        Using(connection =>
        {
            Staged staged;
            using (var apart = connection.BeginTransaction(deferred: true))
            {
                staged = Staged.Of(connection, plan);
                apart.Commit();
            }
            try
            {
                return Write(
                    connection,
                    () =>
                    {
                        var carried = inForce(connection);
                        if (!Staged.IsFor(plan, carried))
                        {
                            staged.Dispose();
                            staged = Staged.Of(connection, carried);
                        }
                        return (TakingIn.Apply(connection, carried, staged, choice, now), carried);
                    }
                );
            }
            finally
            {
                staged.Dispose();
            }
        });

    /// <summary>What was taken in, newest first.</summary>
    public IReadOnlyList<Import> Imports() => Using(Undoing.List);

    /// <summary>Takes an import back; how many of its changes stay as they were changed since, or null when there is none to undo.</summary>
    public int? UndoImport(long import, DateTimeOffset now) => Write(connection => Undoing.Undo(connection, import, now));

    /// <summary>Nothing was ever logged here.</summary>
    public bool IsEmpty => Using(IsUnused);

    /// <summary>
    /// Drops everything and takes a log in, in one transaction, and marks it as the demo's. Only what is empty or carries that mark is dropped.
    /// </summary>
    /// <exception cref="StorageException">This is somebody's own log.</exception>
    public void StartOver(Log log, DateTimeOffset now) =>
        Write(connection =>
        {
            if (!IsUnused(connection) && connection.Value("SELECT value FROM setting WHERE name = $1", DemoMark) is null)
                throw new StorageException("this is a log of somebody's own, not the demo; it is left as it is.");
            foreach (
                var table in (string[])
                    [
                        "roll",
                        "session",
                        "partner",
                        "partner_merge",
                        "partner_history",
                        "import",
                        "practitioner",
                        "practitioner_history",
                        "focus",
                        "own_name",
                        "draft",
                        "setting",
                    ]
            )
                connection.Run($"DELETE FROM {table}");
            var plan = ImportPlan.Of(log, TakingIn.Known(connection, new Log()));
            using (var staged = Staged.Of(connection, plan))
                TakingIn.Apply(connection, plan, staged, ImportChoice.AsPlanned, now);
            connection.Run("DELETE FROM import");
            connection.Run("INSERT INTO setting (name, value) VALUES ($1, 'yes')", DemoMark);
            return true;
        });

    /// <summary>The newest day of a session, or null.</summary>
    public DateOnly? LastDay() => Using(connection => connection.Query("SELECT max(date) FROM session").Select(row => row.Day(0)).First());

    /// <summary>Moves every day of the log by so many days; for the demo, which is always fresh.</summary>
    public void ShiftDays(int days) =>
        Write(connection =>
        {
            foreach (
                var (table, column) in (ReadOnlySpan<(string, string)>)
                    [("session", "date"), ("focus", "chosen"), ("practitioner_history", "since")]
            )
                connection.Run(
                    $"UPDATE {table} SET {column} = date({column}, $1) WHERE {column} IS NOT NULL",
                    string.Create(CultureInfo.InvariantCulture, $"{days:+0;-0} days")
                );
            return true;
        });

    /// <summary>What SQLite says of the file's health: <c>ok</c>, or its complaints. Reads everything.</summary>
    public string CheckIntegrity() =>
        Using(connection =>
        {
            if (Integrity.Full(connection) is { } complaint)
                return complaint;
            LogRows.Whole(connection);
            return "ok";
        });

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
                    from.BackupDatabase(writer);
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

    /// <inheritdoc/>
    public void Dispose()
    {
        watch.Dispose();
        writer.Dispose();
        file.Dispose();
    }

    // A night belongs to the day before until three in the morning.
    private static DateTime Night(DateTimeOffset now) => now.DateTime.AddHours(-3).Date;

    private Backup Found(string name) =>
        BackupFolder.Of(file.Directory).Find(name)
        ?? throw new StorageException($"there is no backup '{name}'; it may have been thinned out.");

    private static bool IsUnused(SqliteConnection connection) =>
        connection.Value("SELECT 1 WHERE EXISTS (SELECT 1 FROM roll) OR EXISTS (SELECT 1 FROM partner) OR EXISTS (SELECT 1 FROM draft)")
            is null;

    private T Using<T>(Func<SqliteConnection, T> read)
    {
        try
        {
            using var connection = file.Connect();
            return read(connection);
        }
        catch (SqliteException e)
        {
            throw SqliteTrouble.Of(e, file.Path);
        }
        catch (Exception e) when (e is InvalidDataException or FormatException or JsonException or InvalidCastException)
        {
            throw Damage.Found(file.Path, e.Message);
        }
    }

    private T Write<T>(Func<SqliteConnection, T> write) => Write(writer, () => write(writer));

    private T Write<T>(SqliteConnection connection, Func<T> write)
    {
        lock (writing)
        {
            try
            {
                file.ThrowIfMoved();
                using var transaction = connection.BeginTransaction(deferred: false);
                var result = write();
                file.ThrowIfMoved();
                transaction.Commit();
                (lastWrite, folded) = (Environment.TickCount64, false);
                return result;
            }
            catch (SqliteException e)
            {
                throw SqliteTrouble.Of(e, file.Path);
            }
        }
    }
}
