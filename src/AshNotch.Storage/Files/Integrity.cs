using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Files;

/// <summary>Whether a database holds together, in SQLite's words.</summary>
internal static class Integrity
{
    private const int MostComplaints = 3;

    /// <summary>The quick look taken at every start: null, or the first complaints.</summary>
    public static string? Quick(SqliteConnection connection) => Complaints(connection, "PRAGMA quick_check");

    /// <summary>The full one, indexes and references included.</summary>
    public static string? Full(SqliteConnection connection) =>
        Complaints(connection, "PRAGMA integrity_check")
        ?? connection.Query("PRAGMA foreign_key_check").Select(row => $"{row.GetString(0)} refers to what is not there").FirstOrDefault();

    private static string? Complaints(SqliteConnection connection, string pragma)
    {
        var said = connection.Query(pragma).Select(row => row.GetString(0)).Take(MostComplaints).ToList();
        return said is ["ok"] ? null : string.Join("; ", said.Select(s => s.Replace('\n', ' ')));
    }
}
