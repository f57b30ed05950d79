using System.Globalization;
using System.Text.Json;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Sessions, without their rolls.</summary>
internal static class SessionTable
{
    private const string Columns = "id, date, time, kind, attire, notes, has_state, energy, sore, state_note, taught";
    private const string Places = "$1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11";

    /// <summary>All sessions, oldest first.</summary>
    public static List<Session> Read(SqliteConnection connection) =>
        [.. connection.Query($"SELECT {Columns} FROM session ORDER BY coalesce(date, ''), rowid").Select(Of)];

    /// <summary>The ids of all sessions, in the same order.</summary>
    public static List<string> Ids(SqliteConnection connection) =>
        [.. connection.Query("SELECT id FROM session ORDER BY coalesce(date, ''), rowid").Select(row => row.GetString(0))];

    /// <summary>One session, or null.</summary>
    public static Session? Find(SqliteConnection connection, string id) =>
        connection.Query($"SELECT {Columns} FROM session WHERE id = $1", id).Select(Of).FirstOrDefault();

    /// <summary>The sessions of a day, in order.</summary>
    public static List<Session> OfDay(SqliteConnection connection, DateOnly? day) =>
        [.. connection.Query($"SELECT {Columns} FROM session WHERE date IS $1 ORDER BY rowid", Rows.Day(day)).Select(Of)];

    /// <summary>Writes a session, new or known.</summary>
    public static void Save(SqliteConnection connection, Session session) =>
        connection.Run(
            $"INSERT INTO session ({Columns}) VALUES ({Places}) ON CONFLICT (id) DO UPDATE SET "
                + "date = $2, time = $3, kind = $4, attire = $5, notes = $6, has_state = $7, energy = $8, sore = $9, "
                + "state_note = $10, taught = $11",
            Values(session)
        );

    /// <summary>Adds new sessions to a table of the same columns.</summary>
    public static void Add(SqliteConnection connection, string table, IEnumerable<Session> sessions)
    {
        using var insert = connection.Command($"INSERT INTO {table} ({Columns}) VALUES ({Places})", new object?[11]);
        foreach (var session in sessions)
        {
            foreach (var (at, value) in Values(session).Index())
                insert.Parameters[at].Value = value ?? DBNull.Value;
            insert.ExecuteNonQuery();
        }
    }

    private static object?[] Values(Session session) =>
        [
            session.Id,
            Rows.Day(session.Date),
            session.Time?.ToString("HH:mm", CultureInfo.InvariantCulture),
            Rows.Said(session.Kind),
            Rows.Said(session.Attire),
            session.Notes,
            session.State is null ? 0 : 1,
            Rows.Said(session.State?.Energy),
            Rows.Json(session.State?.Sore ?? []),
            session.State?.Note,
            session.Taught.Count == 0 ? null : JsonSerializer.Serialize([.. session.Taught], StorageJson.Default.ListTaught),
        ];

    private static Session Of(SqliteDataReader row) =>
        new()
        {
            Id = row.GetString(0),
            Date = row.Day(1),
            Time = row.Text(2) is { } time ? TimeOnly.ParseExact(time, "HH:mm", CultureInfo.InvariantCulture) : null,
            Kind = row.Said<SessionKind>(3),
            Attire = row.Said<Attire>(4),
            Notes = row.Text(5),
            Taught = row.Text(10) is { } taught ? JsonSerializer.Deserialize(taught, StorageJson.Default.ListTaught)! : [],
            State = row.GetInt32(6) == 0 ? null : new DayState(row.Said<Energy>(7), row.Texts(8), row.Text(9)),
        };
}
