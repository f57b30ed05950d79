using AshNotch.Storage.Files;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Backups;

/// <summary>
/// Puts what a copy holds in the place of what a log holds, in one transaction: what was saved before it is in the copy made in the middle of
/// it, what is saved after it goes into the log that was put back, and nothing can come between.
/// </summary>
internal static class Replacing
{
    /// <summary>Replaces it.</summary>
    /// <param name="connection">A connection to the log, that nobody else uses.</param>
    /// <param name="ready">The copy.</param>
    /// <param name="patience">How long to wait for who is writing.</param>
    /// <param name="keep">Makes a copy of what stands there; nobody can write meanwhile.</param>
    public static Backup With(SqliteConnection connection, Restoring ready, TimeSpan patience, Func<Backup> keep)
    {
        connection.Run("PRAGMA foreign_keys = OFF");
        connection.Run("ATTACH $1 AS ready", ready.Path);
        try
        {
            using var transaction = WriteTurn.Begin(connection, patience);
            var kept = keep();
            var (version, above, mark) = (
                LogRows.Version(connection) + 1,
                Math.Max(Era.Highest(connection), Era.Highest(connection, "ready")),
                connection.Value("SELECT value FROM main.setting WHERE name = $1", Lineage.Setting)
            );
            WithoutTriggers(connection, () => Copy(connection));
            connection.Run("DELETE FROM main.setting WHERE name = $1", Lineage.Setting);
            connection.Run("INSERT INTO main.setting (name, value) VALUES ($1, $2)", Lineage.Setting, mark ?? "");
            Era.Begin(connection, above);
            connection.Run("DELETE FROM main.log_change");
            connection.Run("INSERT INTO main.log_change (version, what) VALUES ($1, 'all')", version);
            transaction.Commit();
            return kept;
        }
        finally
        {
            connection.Run("DETACH ready");
        }
    }

    private static void Copy(SqliteConnection connection)
    {
        foreach (var table in Tables(connection))
        {
            var columns = string.Join(
                ", ",
                connection.Query($"PRAGMA ready.table_info(\"{table}\")").Select(row => '"' + row.GetString(1) + '"')
            );
            connection.Run($"DELETE FROM main.\"{table}\"");
            connection.Run($"INSERT INTO main.\"{table}\" ({columns}) SELECT {columns} FROM ready.\"{table}\"");
        }
    }

    // They would note every row as a change of its own.
    private static void WithoutTriggers(SqliteConnection connection, Action replace)
    {
        var triggers = connection
            .Query("SELECT name, sql FROM main.sqlite_master WHERE type = 'trigger'")
            .Select(row => (Name: row.GetString(0), Sql: row.GetString(1)))
            .ToList();
        foreach (var (name, _) in triggers)
            connection.Run($"DROP TRIGGER main.\"{name}\"");
        replace();
        foreach (var (_, sql) in triggers)
            connection.Run(sql);
    }

    private static List<string> Tables(SqliteConnection connection) =>
        [
            .. connection
                .Query(
                    "SELECT name FROM ready.sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' INTERSECT "
                        + "SELECT name FROM main.sqlite_master WHERE type = 'table'"
                )
                .Select(row => row.GetString(0)),
        ];
}
