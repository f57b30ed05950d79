using AshNotch.Core.Merging;
using AshNotch.Core.Rolls;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Importing;

/// <summary>
/// New sessions and rolls laid ready in tables of this connection alone, so that others wait only while they are copied over: writing ten thousand rolls
/// row by row takes seconds, copying them a moment.
/// </summary>
internal sealed class Staged : IDisposable
{
    private static readonly string[] Tables = ["session", "roll", "exchange", "notch", "takeaway"];
    private const string After =
        "coalesce((SELECT max(m.ordinal) + 1 FROM main.roll m WHERE m.session_id = s.session_id AND m.key <= $1), 0)";

    private readonly SqliteConnection connection;

    private Staged(SqliteConnection connection, int sessions, int rolls)
    {
        this.connection = connection;
        Sessions = sessions;
        Rolls = rolls;
    }

    /// <summary>How many sessions there are.</summary>
    public int Sessions { get; }

    /// <summary>How many rolls there are.</summary>
    public int Rolls { get; }

    /// <summary>Lays what is new in a plan ready.</summary>
    public static Staged Of(SqliteConnection connection, ImportPlan plan)
    {
        // Keys count from 1 here, and are shifted when they are copied.
        foreach (var table in Tables)
            connection.Run(
                $"CREATE TEMP TABLE staged_{table} ({string.Join(", ", Names(connection, table).Select(n => n == "key" ? "key INTEGER PRIMARY KEY" : n))})"
            );
        connection.Run("CREATE INDEX temp.staged_by_session ON staged_roll (session_id, ordinal)");
        var sessions = NewSessions(plan).ToList();
        SessionTable.Add(connection, "temp.staged_session", sessions);
        var rolls = NewRolls(plan).ToList();
        using (var rows = new RollRowWriter(connection, "temp.staged_"))
        {
            foreach (var one in rolls)
                rows.Add(one.Session, one.Roll);
        }
        connection.Run("CREATE TEMP TABLE staged_mark (what, id, mark)");
        using var mark = connection.Command("INSERT INTO temp.staged_mark VALUES ($1, $2, $3)", "", "", "");
        Mark(ImportedKind.Session, sessions.AsParallel().Select(s => (s.Id, HistoryTable.Written(s))));
        Mark(ImportedKind.Roll, rolls.AsParallel().Select(r => (r.Roll.Id, HistoryTable.Written(r.Roll))));
        return new Staged(connection, sessions.Count, rolls.Count);

        void Mark(ImportedKind kind, ParallelQuery<(string Id, string Written)> made)
        {
            mark.Parameters[0].Value = ImportRecord.Say(kind);
            foreach (var (id, written) in made.Select(m => (m.Id, ImportRecord.Mark(m.Written))))
            {
                (mark.Parameters[1].Value, mark.Parameters[2].Value) = (id, written);
                mark.ExecuteNonQuery();
            }
        }
    }

    /// <summary>Copies them into the log, each roll after those its session has, and what undoes it into the record of the import.</summary>
    public void Copy(long import)
    {
        connection.Run(
            "INSERT INTO main.import_change (import, what, id, after) SELECT $1, what, id, mark FROM temp.staged_mark ORDER BY what, id",
            import
        );
        connection.Run(
            $"INSERT INTO main.session ({Columns("session")}) SELECT {Columns("session")} FROM temp.staged_session ORDER BY rowid"
        );
        var first = connection.Value("SELECT coalesce(max(key), 0) FROM main.roll")!;
        connection.Run(
            $"INSERT INTO main.roll ({Columns("roll")}) SELECT {Shifted("roll", "key")} FROM temp.staged_roll s ORDER BY s.key",
            first
        );
        foreach (var table in Tables[2..])
            connection.Run(
                $"INSERT INTO main.{table} ({Columns(table)}) SELECT {Shifted(table, "roll")} FROM temp.staged_{table} s",
                first
            );
    }

    /// <summary>The same is laid ready for both plans.</summary>
    public static bool IsFor(ImportPlan one, ImportPlan other) =>
        NewRolls(one).SequenceEqual(NewRolls(other)) && NewSessions(one).SequenceEqual(NewSessions(other));

    /// <inheritdoc/>
    public void Dispose()
    {
        foreach (var table in (string[])[.. Tables, "mark"])
            connection.Run($"DROP TABLE IF EXISTS temp.staged_{table}");
    }

    private static IEnumerable<ComingRoll> NewRolls(ImportPlan plan) => plan.Rolls.Where(r => r.Standing == Standing.New);

    private static IEnumerable<Session> NewSessions(ImportPlan plan) => plan.Sessions.Where(s => s.Kept is null).Select(s => s.Session);

    private string Columns(string table) => string.Join(", ", Names(connection, table));

    private string Shifted(string table, string key) =>
        string.Join(
            ", ",
            Names(connection, table)
                .Select(name =>
                    name == key ? $"s.{name} + $1"
                    : table == "roll" && name == "ordinal" ? "s.ordinal + " + After
                    : $"s.{name}"
                )
        );

    private static List<string> Names(SqliteConnection connection, string table) =>
        [.. connection.Query($"PRAGMA main.table_info({table})").Select(row => row.GetString(1))];
}
