using System.Globalization;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Names the user gave, by name.</summary>
internal static class OwnNameTable
{
    /// <summary>How many names are kept: more than anybody's gym has, few enough to be looked for while somebody writes.</summary>
    public const int Most = 2_000;

    /// <summary>All of them, by name.</summary>
    public static List<OwnName> Read(SqliteConnection connection) =>
        [
            .. connection
                .Query("SELECT name, id, kind FROM own_name ORDER BY name")
                .Select(row => new OwnName(row.GetString(0), row.GetString(1), row.Said<MoveKind>(2))),
        ];

    /// <summary>Keeps a name; one of the same name is replaced.</summary>
    /// <exception cref="FaultyInputException">There are as many as can be had.</exception>
    public static void Save(SqliteConnection connection, OwnName name)
    {
        connection.Run(
            "INSERT INTO own_name (name, id, kind) VALUES ($1, $2, $3) ON CONFLICT (name) DO UPDATE SET name = $1, id = $2, kind = $3",
            name.Name,
            name.Id,
            name.Kind is { } kind ? Term.Of(kind) : null
        );
        if ((long)connection.Value("SELECT count(*) FROM own_name")! > Most)
            throw new FaultyInputException([
                new Fault(
                    "name",
                    string.Create(CultureInfo.InvariantCulture, $"is one too many: {Most:N0} names of your own are kept; drop one first.")
                ),
            ]);
    }

    public static bool Drop(SqliteConnection connection, string name) => connection.Run("DELETE FROM own_name WHERE name = $1", name) > 0;
}
