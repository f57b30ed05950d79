using System.Globalization;
using System.Security.Cryptography;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Files;

/// <summary>
/// What the versions of rolls and partners count from. Putting an older log back takes changes away; were they counted again, a page that
/// was open before would pass for one that knows what it changes. So every log put back begins a new era, above all that was counted.
/// </summary>
internal static class Era
{
    /// <summary>The name of the setting that holds it.</summary>
    public const string Setting = "era";

    // Above what was counted since a copy was made, which nobody can tell.
    private const int Unknown = 1_000_000;

    /// <summary>What is counted from.</summary>
    public static int Of(SqliteConnection connection, string database = "main") =>
        connection.Value($"SELECT value FROM {database}.setting WHERE name = $1", Setting) is string said
            ? int.Parse(said, CultureInfo.InvariantCulture)
            : 0;

    /// <summary>The highest version that anything has.</summary>
    public static int Highest(SqliteConnection connection, string database = "main") =>
        Of(connection, database)
        + Convert.ToInt32(
            connection.Value(
                $"""
                SELECT max(n) FROM (
                  SELECT count(*) AS n FROM {database}.roll_history GROUP BY roll
                  UNION ALL SELECT count(*) FROM {database}.partner_history GROUP BY partner
                  UNION ALL SELECT coalesce(max(CAST(value AS INTEGER)), 0) FROM {database}.setting WHERE name IN ({Counted.Names}))
                """
            ) ?? 0,
            CultureInfo.InvariantCulture
        );

    /// <summary>Begins one above a version.</summary>
    public static void Begin(SqliteConnection connection, int above) =>
        connection.Run(
            "INSERT INTO setting (name, value) VALUES ($1, $2) ON CONFLICT (name) DO UPDATE SET value = $2",
            Setting,
            (above + 1).ToString(CultureInfo.InvariantCulture)
        );

    /// <summary>Begins one in a file that was put in the place of another: nobody can tell what that one had counted.</summary>
    public static void BeginUnknown(SqliteConnection connection)
    {
        var leap = Unknown + RandomNumberGenerator.GetInt32(Unknown);
        Begin(connection, Highest(connection) + leap);
        // The log itself, too: who compares it with what they know of the other file must see that it is another.
        connection.Run("INSERT INTO log_change (version, what) VALUES ($1, 'all')", LogRows.Version(connection) + leap);
    }
}
