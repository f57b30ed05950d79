using System.Globalization;
using AshNotch.Core.Rolls;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage;

/// <summary>
/// A log in one SQLite file of a data directory. Writes are transactions that are on the disk when the call returns (write-ahead log, full
/// synchronous); several processes may use the same directory.
/// </summary>
public sealed class LogStore : IDisposable
{
    /// <summary>Name of the database file in a data directory.</summary>
    public const string FileName = "ash-notch.db";

    private const string DemoMark = "demo";

    private readonly string connectionString;
    private readonly SqliteConnection watch;

    private LogStore(string path)
    {
        connectionString = new SqliteConnectionStringBuilder
        {
            DataSource = path,
            ForeignKeys = true,
            Pooling = true,
            DefaultTimeout = 10,
        }.ToString();
        watch = Connect();
    }

    /// <summary>Opens the log of a data directory; makes both where they are missing.</summary>
    /// <exception cref="StorageException">The directory cannot be used, or the data was written by a later version.</exception>
    public static LogStore Open(string directory)
    {
        LogStore? store = null;
        try
        {
            Directory.CreateDirectory(directory);
            store = new LogStore(Path.Combine(directory, FileName));
            Schema.Update(store.watch);
            return store;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException or SqliteException)
        {
            store?.Dispose();
            throw new StorageException($"{directory} cannot be used as a data directory ({e.Message}); name another with --data.");
        }
        catch (StorageException)
        {
            store?.Dispose();
            throw;
        }
    }

    /// <summary>A number that changes whenever anybody commits to the database.</summary>
    public long Version
    {
        get
        {
            lock (watch)
                return Convert.ToInt64(watch.Value("PRAGMA data_version"), CultureInfo.InvariantCulture);
        }
    }

    /// <summary>The whole log as it stands now; sessions without rolls included.</summary>
    public Log Read() =>
        Using(connection =>
        {
            using var snapshot = connection.BeginTransaction(deferred: true);
            var rolls = RollTable.Read(connection);
            return new Log
            {
                Practitioner = PeopleTables.Practitioner(connection),
                Partners = PeopleTables.Partners(connection),
                Sessions =
                [
                    .. SessionTable.Read(connection).Select(s => rolls.TryGetValue(s.Id, out var mine) ? s with { Rolls = mine } : s),
                ],
                Focuses = FocusTable.Read(connection),
                OwnNames = OwnNameTable.Read(connection),
            };
        });

    /// <summary>
    /// Saves a roll with the head of its session in one transaction. A known roll keeps its place, and its earlier form in the history.
    /// </summary>
    /// <exception cref="StorageException">The roll names a partner that is not there.</exception>
    public void SaveRoll(Session session, Roll roll, DateTimeOffset now) => SaveRolls(session, [], [roll], now);

    /// <summary>Saves rolls of one session and the partners met in them, and drops the draft they were told in, all or nothing.</summary>
    /// <exception cref="StorageException">A roll names a partner that is not there.</exception>
    public void SaveRolls(
        Session session,
        IReadOnlyList<Partner> met,
        IReadOnlyList<Roll> rolls,
        DateTimeOffset now,
        string? draft = null
    ) =>
        Write(connection =>
        {
            SessionTable.Save(connection, session);
            if (draft is not null)
                connection.Run("DELETE FROM draft WHERE id = $1", draft);
            foreach (var partner in met)
                PeopleTables.Save(connection, partner);
            foreach (var roll in rolls)
            {
                if (roll.Partner is not null && connection.Value("SELECT 1 FROM partner WHERE id = $1", roll.Partner) is null)
                    throw new StorageException($"there is no partner '{roll.Partner}'.");
                RollTable.Save(connection, session.Id, roll, now, "edited");
            }
            return true;
        });

    /// <summary>Deletes a roll so that it can be taken back; false when there is none.</summary>
    public bool DeleteRoll(string id, DateTimeOffset now) => Write(connection => RollTable.Delete(connection, id, now));

    /// <summary>Takes a deletion back; false when there is none.</summary>
    public bool RestoreRoll(string id, DateTimeOffset now) => Write(connection => RollTable.Restore(connection, id, now));

    /// <summary>The changes of a roll, oldest first.</summary>
    public IReadOnlyList<RollChange> RollHistory(string id) => Using(connection => RollTable.History(connection, id));

    /// <summary>Saves a partner, new or known. Rolls already logged keep the partner as they were.</summary>
    public void SavePartner(Partner partner) =>
        Write(connection =>
        {
            PeopleTables.Save(connection, partner);
            return true;
        });

    /// <summary>Makes two records of one partner one; returns the number by which it is undone.</summary>
    /// <exception cref="StorageException">One of them is not there.</exception>
    public long MergePartners(string gone, string kept, DateTimeOffset now) =>
        Write(connection => PartnerMergeTable.Merge(connection, gone, kept, now));

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
    public void ChooseFocus(Focus focus) =>
        Write(connection =>
        {
            FocusTable.Add(connection, focus);
            return true;
        });

    /// <summary>Saves a name of the user's own; one of the same name is replaced.</summary>
    public void SaveOwnName(Core.Vocabulary.OwnName name) =>
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

    /// <summary>
    /// Takes a whole log in, in one transaction. What has the same id is replaced, rolls keeping their earlier form in the history; the
    /// rest stays.
    /// </summary>
    public void Import(Log log, DateTimeOffset now) =>
        Write(connection =>
        {
            TakeIn(connection, log, now);
            return true;
        });

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
                        "practitioner",
                        "practitioner_history",
                        "focus",
                        "own_name",
                        "draft",
                        "setting",
                    ]
            )
                connection.Run($"DELETE FROM {table}");
            TakeIn(connection, log, now);
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

    /// <summary>What SQLite says of the file's health: <c>ok</c>, or its complaints.</summary>
    public string CheckIntegrity() =>
        Using(connection =>
            string.Join(
                '\n',
                connection
                    .Query("PRAGMA integrity_check")
                    .Select(row => row.GetString(0))
                    .Concat(connection.Query("PRAGMA foreign_key_check").Select(row => $"foreign key in {row.GetString(0)}"))
            )
        );

    /// <inheritdoc/>
    public void Dispose()
    {
        watch.Dispose();
        using var any = new SqliteConnection(connectionString);
        SqliteConnection.ClearPool(any);
    }

    private static bool IsUnused(SqliteConnection connection) =>
        connection.Value("SELECT 1 WHERE EXISTS (SELECT 1 FROM roll) OR EXISTS (SELECT 1 FROM partner) OR EXISTS (SELECT 1 FROM draft)")
            is null;

    private static void TakeIn(SqliteConnection connection, Log log, DateTimeOffset now)
    {
        var before = PeopleTables.Practitioner(connection);
        var given = log.Practitioner;
        PeopleTables.Save(
            connection,
            new Practitioner
            {
                Belt = given.Belt ?? before.Belt,
                Stripes = given.Stripes ?? before.Stripes,
                WeightKg = given.WeightKg ?? before.WeightKg,
                AgeDivision = given.AgeDivision ?? before.AgeDivision,
                Units = given.Units ?? before.Units,
                History = given.History.Count > 0 ? given.History : before.History,
            }
        );
        foreach (var partner in log.Partners)
            PeopleTables.Save(connection, partner);
        foreach (var session in log.Sessions)
        {
            SessionTable.Save(connection, session);
            foreach (var roll in session.Rolls)
                RollTable.Save(connection, session.Id, roll, now, "imported");
        }
        foreach (var name in log.OwnNames)
            OwnNameTable.Save(connection, name);
        var chosen = FocusTable.Read(connection);
        foreach (var focus in log.Focuses.Where(f => !chosen.Contains(f)))
            FocusTable.Add(connection, focus);
    }

    private T Using<T>(Func<SqliteConnection, T> read)
    {
        using var connection = Connect();
        return read(connection);
    }

    private T Write<T>(Func<SqliteConnection, T> write)
    {
        using var connection = Connect();
        using var transaction = connection.BeginTransaction(deferred: false);
        var result = write(connection);
        transaction.Commit();
        return result;
    }

    private SqliteConnection Connect()
    {
        var connection = new SqliteConnection(connectionString);
        connection.Open();
        connection.Run("PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; PRAGMA busy_timeout = 10000;");
        return connection;
    }
}
