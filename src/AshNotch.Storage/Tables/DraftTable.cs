using System.Globalization;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Rolls that are half told.</summary>
internal static class DraftTable
{
    public static IReadOnlyList<Draft> Read(SqliteConnection connection) =>
        [
            .. connection
                .Query("SELECT id, body, updated_at FROM draft ORDER BY updated_at DESC, id")
                .Select(row => new Draft(
                    row.GetString(0),
                    row.GetString(1),
                    DateTimeOffset.Parse(row.GetString(2), CultureInfo.InvariantCulture)
                )),
        ];

    public static bool Save(SqliteConnection connection, string id, string? body, DateTimeOffset now) =>
        body is null
            ? Drop(connection, id)
            : connection.Run(
                "INSERT INTO draft (id, body, updated_at) SELECT $1, $2, $3 WHERE NOT EXISTS (SELECT 1 FROM roll WHERE id = $1) "
                    + "ON CONFLICT (id) DO UPDATE SET body = $2, updated_at = $3",
                id,
                body,
                now.ToUniversalTime().ToString("O", CultureInfo.InvariantCulture)
            ) > 0;

    public static bool Drop(SqliteConnection connection, string id) => connection.Run("DELETE FROM draft WHERE id = $1", id) > 0;
}
