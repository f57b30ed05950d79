using System.Globalization;
using System.Text.Json;
using System.Text.Unicode;
using AshNotch.Formats;
using AshNotch.Storage.Importing;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Files;

/// <summary>Whether everything a file holds can be read, table by table: SQLite's own checks know pages, not what stands in them.</summary>
internal static class Contents
{
    /// <summary>Null, or the first thing that cannot be read.</summary>
    /// <param name="connection">The file.</param>
    /// <param name="strictly">What is left out when it cannot be understood is trouble, too.</param>
    public static string? Trouble(SqliteConnection connection, bool strictly) =>
        Said("the log", () => LogRows.Whole(connection))
        ?? Said("deleted rolls", () => RollRows.Read(connection, Which.Deleted))
        ?? Each(
            connection,
            "the history of rolls",
            "SELECT r.id, h.changed_at, h.document FROM roll_history h JOIN roll r ON r.key = h.roll",
            row =>
            {
                Moment(row.GetString(1));
                HistoryTable.ReadRoll(row.GetString(2), row.GetString(0), strictly);
            }
        )
        ?? Each(
            connection,
            "the history of partners",
            "SELECT partner, changed_at, document FROM partner_history",
            row =>
            {
                Moment(row.GetString(1));
                HistoryTable.ReadPartner(row.GetString(2), strictly);
            }
        )
        ?? Each(
            connection,
            "merged partners",
            "SELECT gone, gone_was, kept_was, rolls, merged_at, undone_at FROM partner_merge",
            row =>
            {
                HistoryTable.ReadPartner(row.GetString(1), strictly);
                HistoryTable.ReadPartner(row.GetString(2), strictly);
                row.Texts(3);
                Moment(row.GetString(4));
                Moment(row.Text(5));
            }
        )
        ?? Said("drafts", () => DraftTable.Read(connection))
        ?? Said("imports", () => Undoing.Look(connection, strictly))
        ?? (strictly ? Settings.Trouble(connection) : null)
        ?? BadText(connection);

    private static void Moment(string? said)
    {
        if (said is not null)
            DateTimeOffset.Parse(said, CultureInfo.InvariantCulture);
    }

    private static string? Each(SqliteConnection connection, string where, string sql, Action<SqliteDataReader> read) =>
        Said(
            where,
            () =>
            {
                foreach (var row in connection.Query(sql))
                    read(row);
                return true;
            }
        );

    private static string? Said<T>(string where, Func<T> read)
    {
        try
        {
            read();
            return null;
        }
        catch (Exception e)
            when (e
                    is InvalidDataException
                        or FormatException
                        or JsonException
                        or InvalidCastException
                        or FaultyInputException
                        or OverflowException
                        or ArgumentException
                        or NullReferenceException
            )
        {
            return $"{where} cannot be read ({e.Message})";
        }
    }

    // SQLite takes any bytes for a text.
    private static string? BadText(SqliteConnection connection)
    {
        foreach (
            var table in connection
                .Query("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")
                .Select(row => row.GetString(0))
                .ToList()
        )
        {
            foreach (var row in connection.Query($"SELECT * FROM \"{table}\""))
            {
                for (var i = 0; i < row.FieldCount; i++)
                    if (row.GetFieldType(i) == typeof(string) && !row.IsDBNull(i) && !Utf8.IsValid(row.GetFieldValue<byte[]>(i)))
                        return $"{table} holds a text that is none";
            }
        }
        return null;
    }
}
