using AshNotch.Core.Rolls;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Writes rolls in one transaction.</summary>
/// <param name="connection">The connection, inside the transaction.</param>
internal sealed class RollWriter(SqliteConnection connection) : IDisposable
{
    private readonly RollRowWriter rows = new(connection);

    /// <summary>Writes a roll: a new one at the end of its session, a known one in its place with its earlier form kept in the history.</summary>
    public void Save(string session, Roll roll, DateTimeOffset now, string change)
    {
        if (RollTable.Key(connection, roll.Id) is not { } key)
        {
            rows.Add(session, roll);
            return;
        }
        HistoryTable.Remember(connection, key, now, change);
        if (connection.Value("SELECT session_id FROM roll WHERE key = $1", key) as string != session)
            connection.Run(
                "UPDATE roll SET session_id = $2, ordinal = (SELECT coalesce(max(ordinal) + 1, 0) FROM roll WHERE session_id = $2) "
                    + "WHERE key = $1",
                key,
                session
            );
        connection.Run("DELETE FROM exchange WHERE roll = $1", key);
        connection.Run("DELETE FROM takeaway WHERE roll = $1", key);
        rows.Replace(key, session, roll);
    }

    /// <inheritdoc/>
    public void Dispose() => rows.Dispose();
}
