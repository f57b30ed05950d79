using AshNotch.Core.Merging;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Importing;

/// <summary>
/// New rolls laid ready in tables of this connection alone, so that others wait only while they are copied over: writing ten thousand rolls
/// row by row takes seconds, copying them a moment.
/// </summary>
internal sealed class Staged : IDisposable
{
    private static readonly string[] Tables = ["roll", "exchange", "notch", "takeaway"];
    private const string After =
        "coalesce((SELECT max(m.ordinal) + 1 FROM main.roll m WHERE m.session_id = s.session_id AND m.key <= $1), 0)";

    private readonly SqliteConnection connection;

    private Staged(SqliteConnection connection, int count)
    {
        this.connection = connection;
        Count = count;
    }

    /// <summary>How many there are.</summary>
    public int Count { get; }

    /// <summary>Lays the new rolls of a plan ready.</summary>
    public static Staged Of(SqliteConnection connection, ImportPlan plan)
    {
        // Keys count from 1 here, and are shifted when they are copied.
        foreach (var table in Tables)
            connection.Run(
                $"CREATE TEMP TABLE staged_{table} ({string.Join(", ", Names(connection, table).Select(n => n == "key" ? "key INTEGER PRIMARY KEY" : n))})"
            );
        connection.Run("CREATE INDEX temp.staged_by_session ON staged_roll (session_id, ordinal)");
        var coming = plan.Rolls.Where(r => r.Standing == Standing.New).ToList();
        using (var rows = new RollRowWriter(connection, "temp.staged_"))
        {
            foreach (var one in coming)
                rows.Add(one.Session, one.Roll);
        }
        connection.Run("CREATE TEMP TABLE staged_mark (id, mark)");
        using var mark = connection.Command("INSERT INTO temp.staged_mark VALUES ($1, $2)", "", "");
        foreach (var (id, made) in coming.AsParallel().Select(r => (r.Roll.Id, ImportRecord.Mark(HistoryTable.Written(r.Roll)))))
        {
            (mark.Parameters[0].Value, mark.Parameters[1].Value) = (id, made);
            mark.ExecuteNonQuery();
        }
        return new Staged(connection, coming.Count);
    }

    /// <summary>Copies them into the log, each after those its session has, and what undoes it into the record of the import.</summary>
    public void Copy(long import)
    {
        connection.Run(
            "INSERT INTO main.import_change (import, what, id, after) SELECT $1, $2, id, mark FROM temp.staged_mark ORDER BY id",
            import,
            ImportRecord.Say(ImportedKind.Roll)
        );
        var first = connection.Value("SELECT coalesce(max(key), 0) FROM main.roll")!;
        connection.Run(
            $"INSERT INTO main.roll ({Columns("roll")}) SELECT {Shifted("roll", "key")} FROM temp.staged_roll s ORDER BY s.key",
            first
        );
        foreach (var table in Tables[1..])
            connection.Run(
                $"INSERT INTO main.{table} ({Columns(table)}) SELECT {Shifted(table, "roll")} FROM temp.staged_{table} s",
                first
            );
    }

    /// <summary>The same new rolls are laid ready for both plans.</summary>
    public static bool IsFor(ImportPlan one, ImportPlan other) =>
        one.Rolls.Where(r => r.Standing == Standing.New).SequenceEqual(other.Rolls.Where(r => r.Standing == Standing.New));

    /// <inheritdoc/>
    public void Dispose()
    {
        foreach (var table in (string[])[.. Tables, "mark"])
            connection.Run($"DROP TABLE IF EXISTS temp.staged_{table}");
    }

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
