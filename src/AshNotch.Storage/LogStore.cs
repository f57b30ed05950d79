using System.Globalization;
using System.Text.Json;
using AshNotch.Core.Drilling;
using AshNotch.Core.Drilling.Areas;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Merging;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats;
using AshNotch.Storage.Files;
using AshNotch.Storage.Importing;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage;

/// <summary>
/// A log in one SQLite file of a data directory. Writes are transactions that are on the disk when the call returns (write-ahead log, full
/// synchronous); several processes may use the same directory. Every member throws <see cref="StorageException"/> where the data cannot be used.
/// </summary>
public sealed partial class LogStore : IDisposable
{
    /// <summary>Name of the database file in a data directory.</summary>
    public const string FileName = DataFile.Name;

    internal const string DemoMark = "demo";

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
    public static LogStore Open(string directory) => Open(directory, DataFile.UsualPatience);

    /// <summary>The same, for who does not want to wait as long for another program that is writing.</summary>
    public static LogStore Open(string directory, TimeSpan patience) => new(DataFile.Open(directory, DateTimeOffset.UtcNow, patience));

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
    /// Of the log only the sessions of these rolls, everybody met, and the names of one's own: for who reads or shows a roll and need not
    /// wait for the rest.
    /// </summary>
    public Log Around(IEnumerable<string> rolls) =>
        Using(connection =>
        {
            using var moment = connection.BeginTransaction(deferred: true);
            return LogRows.Around(rolls, connection);
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

    /// <summary>Makes two rolls of one: the first in its place with its earlier form kept, the second right after it.</summary>
    /// <exception cref="FaultyInputException">The second's partner is not there.</exception>
    /// <exception cref="StorageException">The roll is not there, or was changed since the version it was made from.</exception>
    public void SplitRoll(Roll first, Roll second, int? version, DateTimeOffset now) =>
        Write(connection => RollRevision.Split(connection, first, second, version, now));

    /// <summary>Makes one roll of two: the one in its place with its earlier form kept, the other deleted so that it can be taken back.</summary>
    /// <exception cref="StorageException">One is not there, or the first was changed since the version it was made from.</exception>
    public void JoinRolls(Roll joined, string gone, int? version, DateTimeOffset now) =>
        Write(connection => RollRevision.Join(connection, joined, gone, version, now));

    /// <summary>Deletes a roll so that it can be taken back; false when there is none.</summary>
    public bool DeleteRoll(string id, DateTimeOffset now) => Write(connection => RollTable.Delete(connection, id, now));

    /// <summary>Takes a deletion back; false when there is none.</summary>
    public bool RestoreRoll(string id, DateTimeOffset now) => Write(connection => RollTable.Restore(connection, id, now));

    /// <summary>The changes of a roll, oldest first.</summary>
    public IReadOnlyList<RollChange> RollHistory(string id) => Using(connection => HistoryTable.Of(connection, id));

    /// <summary>How often a roll was changed.</summary>
    public RollStanding RollStanding(string id) => Using(connection => RollTable.Standing(connection, id));

    /// <summary>The version of a roll that an edit is made from.</summary>
    public int RollVersion(string id) => Using(connection => RollTable.Version(connection, id));

    /// <summary>The version of the settings that an edit is made from.</summary>
    public int SettingsVersion() => Using(connection => Counted.Version(connection, Counted.Settings));

    /// <summary>Puts an earlier form of a roll back, its partner the one they were merged into since; false when there is no such form.</summary>
    public bool RestoreForm(string id, int number, DateTimeOffset now) =>
        Write(connection =>
        {
            var history = HistoryTable.Of(connection, id);
            if (RollTable.Find(connection, id) is not { } stands || number < 0 || number >= history.Count)
                return false;
            var form = HistoryTable.ReadRoll(history[number].Document, id);
            form = RollIntake.WithWhoIsThere(connection, form);
            using var writer = new RollWriter(connection);
            writer.Save(stands.Session, form, now, "edited");
            return true;
        });

    /// <summary>Keeps when and how the practitioner trains.</summary>
    public void KeepWeek(MyWeek week) =>
        Write(connection =>
        {
            DrillTables.Save(connection, week);
            return true;
        });

    /// <summary>Keeps how areas are rated; others of the same areas and day stand no more.</summary>
    public void KeepRatings(IReadOnlyList<SelfRating> ratings) =>
        Write(connection =>
        {
            foreach (var rating in ratings)
                RatingTable.Save(connection, rating);
            return true;
        });

    /// <summary>Changes the blocks as they stand now: what is given back is kept, what is left out goes.</summary>
    public void ChangeBlocks(Func<IReadOnlyList<Block>, IReadOnlyList<Block>> change) =>
        Write(connection =>
        {
            var stand = DrillTables.Read(connection).Blocks;
            var now = change(stand);
            foreach (var gone in stand.Where(b => now.All(n => n.Id != b.Id)))
                DrillTables.DropBlock(connection, gone.Id);
            foreach (var block in now)
                DrillTables.Save(connection, block);
            return true;
        });

    /// <summary>Keeps what was done on a day in the place of what was known of it; without rounds it is forgotten.</summary>
    public void KeepDone(DrilledSession done) =>
        Write(connection =>
        {
            if (done.Rounds.Count == 0)
                DrillTables.DropDone(connection, done.Block, done.Date);
            else
                DrillTables.Save(connection, done);
            return true;
        });

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
    public void KeepSetting(string name, string value) => KeepSettings([(name, value)]);

    /// <summary>Keeps settings, all or none.</summary>
    /// <exception cref="StorageException">They were changed since the version they were made from.</exception>
    public void KeepSettings(IEnumerable<(string Name, string Value)> settings, int? version = null) =>
        Write(connection =>
        {
            Changed.ThrowIfSince(version, Counted.Version(connection, Counted.Settings));
            foreach (var (name, value) in settings)
                connection.Run(
                    "INSERT INTO setting (name, value) VALUES ($1, $2) ON CONFLICT (name) DO UPDATE SET value = $2",
                    name,
                    value
                );
            Counted.Up(connection, Counted.Settings);
            return true;
        });

    /// <summary>Nothing was ever logged here.</summary>
    public bool IsEmpty => Using(IsUnused);

    /// <summary>
    /// Drops everything and takes a log in, in one transaction, and marks it as the demo's. Only what is empty or carries that mark is dropped.
    /// </summary>
    /// <exception cref="StorageException">This is somebody's own log.</exception>
    public void StartOver(Diary diary, DateTimeOffset now) =>
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
                        "week",
                        "block",
                        "drilled",
                        "rating",
                        "match_day",
                        "ruleset",
                        "own_name",
                        "fear",
                        "draft",
                        "setting",
                    ]
            )
                connection.Run($"DELETE FROM {table}");
            var plan = ImportPlan.Of(diary, TakingIn.Known(connection, Diary.Of(new Log())));
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
            foreach (var (table, column) in (ReadOnlySpan<(string, string)>)[("session", "date"), ("practitioner_history", "since")])
                connection.Run(
                    $"UPDATE {table} SET {column} = date({column}, $1) WHERE {column} IS NOT NULL",
                    string.Create(CultureInfo.InvariantCulture, $"{days:+0;-0} days")
                );
            DrillTables.Replace(connection, DrillTables.Read(connection).ShiftedBy(days));
            MatchTables.ReplaceDays(connection, MatchTables.Read(connection).ShiftedBy(days));
            return true;
        });

    /// <summary>Whether the file holds together and everything in it can be read: <c>ok</c>, or the first complaints.</summary>
    public string CheckIntegrity() =>
        Using(connection => Integrity.Full(connection) ?? Contents.Trouble(connection, strictly: true) ?? "ok");

    /// <inheritdoc/>
    public void Dispose()
    {
        watch.Dispose();
        writer.Dispose();
        file.Dispose();
    }

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
        catch (Exception e) when (Trouble(e) is { } trouble)
        {
            throw trouble;
        }
    }

    private T Write<T>(Func<SqliteConnection, T> write) => Write(writer, () => write(writer));

    private T Write<T>(SqliteConnection connection, Func<T> write)
    {
        try
        {
            return Exclusively(() =>
            {
                file.ThrowIfMoved();
                using var transaction = WriteTurn.Begin(connection, file.WritePatience);
                var result = write();
                file.ThrowIfMoved();
                transaction.Commit();
                (lastWrite, folded) = (Environment.TickCount64, false);
                return result;
            });
        }
        catch (Exception e) when (Trouble(e) is { } trouble)
        {
            throw trouble;
        }
    }

    // Who comes after somebody that waits for another program does not wait once more for it.
    private T Exclusively<T>(Func<T> act)
    {
        if (!writing.TryEnter(file.WritePatience))
            throw SqliteTrouble.Busy(file.Path);
        try
        {
            return act();
        }
        finally
        {
            writing.Exit();
        }
    }

    private StorageException? Trouble(Exception e) =>
        e switch
        {
            SqliteException sqlite => SqliteTrouble.Of(sqlite, file.Path),
            InvalidDataException or FormatException or JsonException or InvalidCastException => Damage.Found(file.Path, e.Message),
            IOException or UnauthorizedAccessException => DiskTrouble.Of(e, file.Path),
            _ => null,
        };
}
