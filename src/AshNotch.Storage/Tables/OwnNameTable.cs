using AshNotch.Core.Vocabulary;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Names the user gave, by name.</summary>
internal static class OwnNameTable
{
    public static List<OwnName> Read(SqliteConnection connection) =>
        [
            .. connection
                .Query("SELECT name, id, kind FROM own_name ORDER BY name")
                .Select(row => new OwnName(row.GetString(0), row.GetString(1), row.Said<MoveKind>(2))),
        ];

    public static void Save(SqliteConnection connection, OwnName name) =>
        connection.Run(
            "INSERT INTO own_name (name, id, kind) VALUES ($1, $2, $3) ON CONFLICT (name) DO UPDATE SET name = $1, id = $2, kind = $3",
            name.Name,
            name.Id,
            name.Kind is { } kind ? Term.Of(kind) : null
        );

    public static bool Drop(SqliteConnection connection, string name) => connection.Run("DELETE FROM own_name WHERE name = $1", name) > 0;
}
