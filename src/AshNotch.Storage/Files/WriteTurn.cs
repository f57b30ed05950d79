using System.Diagnostics;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;
using SQLitePCL;

namespace AshNotch.Storage.Files;

/// <summary>
/// A transaction that writes. Its turn is asked for every few milliseconds: SQLite itself asks ever more seldom, and whoever saves one roll
/// after the other, or puts a copy back meanwhile, would let nobody else in.
/// </summary>
internal sealed class WriteTurn : IDisposable
{
    // Busy, locked, the protocol of the write-ahead log, the schema: what is so now may not be in a moment (sqlite.org/rescode.html).
    private static readonly int[] Passing = [5, 6, 15, 17];
    private static readonly TimeSpan Between = TimeSpan.FromMilliseconds(2);

    private readonly SqliteConnection connection;
    private bool open = true;

    private WriteTurn(SqliteConnection connection) => this.connection = connection;

    /// <summary>Begins when nobody else writes.</summary>
    /// <param name="connection">The connection, in no transaction.</param>
    /// <param name="patience">How long to wait for others.</param>
    /// <exception cref="SqliteException">Others wrote all the time, or it cannot be begun.</exception>
    public static WriteTurn Begin(SqliteConnection connection, TimeSpan patience)
    {
        var waited = Stopwatch.StartNew();
        raw.sqlite3_busy_timeout(connection.Handle!, 0);
        try
        {
            while (true)
            {
                var code = raw.sqlite3_exec(connection.Handle!, "BEGIN IMMEDIATE");
                if (code == raw.SQLITE_OK)
                    return new WriteTurn(connection);
                if (!Passing.Contains(code & 0xFF) || waited.Elapsed > patience)
                    throw new SqliteException(
                        $"SQLite Error {code & 0xFF}: '{raw.sqlite3_errmsg(connection.Handle!).utf8_to_string()}'.",
                        code & 0xFF
                    );
                Thread.Sleep(Between);
            }
        }
        finally
        {
            raw.sqlite3_busy_timeout(connection.Handle!, connection.DefaultTimeout * 1000);
        }
    }

    /// <summary>Keeps what was written; it is on the disk when this returns.</summary>
    public void Commit()
    {
        connection.Run("COMMIT");
        open = false;
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        // A full disk has rolled it back already.
        if (open && raw.sqlite3_get_autocommit(connection.Handle!) == 0)
            connection.Run("ROLLBACK");
    }
}
