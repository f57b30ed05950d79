using System.Globalization;
using AshNotch.Storage.Files;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>How often what has no history of its own was changed: the practitioner's page and the settings.</summary>
internal static class Counted
{
    /// <summary>The page about oneself.</summary>
    public const string Practitioner = "practitioner-changes";

    /// <summary>The settings.</summary>
    public const string Settings = "settings-changes";

    /// <summary>Both, as SQL lists them.</summary>
    public const string Names = $"'{Practitioner}', '{Settings}'";

    /// <summary>The version that an edit is made from.</summary>
    public static int Version(SqliteConnection connection, string what) => Era.Of(connection) + Count(connection, what);

    /// <summary>It was changed once more.</summary>
    public static void Up(SqliteConnection connection, string what) =>
        connection.Run(
            "INSERT INTO setting (name, value) VALUES ($1, $2) ON CONFLICT (name) DO UPDATE SET value = $2",
            what,
            (Count(connection, what) + 1).ToString(CultureInfo.InvariantCulture)
        );

    private static int Count(SqliteConnection connection, string what) =>
        connection.Value("SELECT value FROM setting WHERE name = $1", what) is string said
            ? int.Parse(said, CultureInfo.InvariantCulture)
            : 0;
}
