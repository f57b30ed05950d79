using System.Globalization;
using AshNotch.Core.Drilling;
using AshNotch.Core.Rolls;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>The whole log from its tables, and a log that is known already brought up to date by what changed since.</summary>
internal static class LogRows
{
    /// <summary>Sessions that are read one by one; with more, all are.</summary>
    private const int FewSessions = 60;

    /// <summary>The version the log is at.</summary>
    public static long Version(SqliteConnection connection) =>
        Convert.ToInt64(connection.Value("SELECT max(version) FROM log_change") ?? 0L, CultureInfo.InvariantCulture);

    /// <summary>All of it.</summary>
    public static LogSnapshot Whole(SqliteConnection connection)
    {
        var rolls = RollRows.Read(connection, Which.All);
        return new LogSnapshot(
            Version(connection),
            new Diary(
                new Log
                {
                    Practitioner = PeopleTables.Practitioner(connection),
                    Partners = PeopleTables.Partners(connection),
                    Sessions =
                    [
                        .. SessionTable.Read(connection).Select(s => rolls.TryGetValue(s.Id, out var mine) ? s with { Rolls = mine } : s),
                    ],
                    OwnNames = OwnNameTable.Read(connection),
                },
                DrillTables.Read(connection)
            )
            {
                Matches = MatchTables.Read(connection),
                Fears = FearTable.Read(connection),
            }
        );
    }

    /// <summary>The log as it is now, reading only what changed since.</summary>
    public static LogSnapshot Since(LogSnapshot before, SqliteConnection connection)
    {
        var changes = connection
            .Query("SELECT version, what, id FROM log_change WHERE version > $1 ORDER BY version", before.Version)
            .Select(row => (Version: row.GetInt64(0), What: row.GetString(1), Id: row.Text(2)))
            .ToList();
        if (changes.Count == 0)
            return Version(connection) == before.Version ? before : Whole(connection);
        var sessions = changes.Where(c => c.What == "session").Select(c => c.Id!).ToHashSet();
        // Where the list of changes was cut, or the file was replaced, it does not go on where the known log ends.
        if (changes[0].Version != before.Version + 1 || changes.Any(c => c.What == "all") || sessions.Count > FewSessions)
            return Whole(connection);
        bool Touched(string what) => changes.Any(c => c.What == what);
        var log = before.Log;
        return new LogSnapshot(
            changes[^1].Version,
            new Diary(
                log with
                {
                    Practitioner = Touched("people") ? PeopleTables.Practitioner(connection) : log.Practitioner,
                    Partners = Touched("people") ? PeopleTables.Partners(connection) : log.Partners,
                    Sessions = sessions.Count == 0 ? log.Sessions : Sessions(log.Sessions, sessions, connection),
                    OwnNames = Touched("names") ? OwnNameTable.Read(connection) : log.OwnNames,
                },
                Touched("focus") ? DrillTables.Read(connection) : before.Diary.Drills
            )
            {
                Matches = Touched("focus") ? MatchTables.Read(connection) : before.Diary.Matches,
                Fears = Touched("focus") ? FearTable.Read(connection) : before.Diary.Fears,
            }
        );
    }

    /// <summary>The sessions of some rolls, everybody met, and the names of one's own.</summary>
    public static Log Around(IEnumerable<string> rolls, SqliteConnection connection) =>
        new()
        {
            Practitioner = PeopleTables.Practitioner(connection),
            Partners = PeopleTables.Partners(connection),
            OwnNames = OwnNameTable.Read(connection),
            Sessions =
            [
                .. rolls
                    .Select(id => RollTable.Find(connection, id)?.Session)
                    .OfType<string>()
                    .Distinct()
                    .Select(id => Session(id, connection))
                    .OfType<Session>(),
            ],
        };

    private static Session? Session(string id, SqliteConnection connection) =>
        SessionTable.Find(connection, id) is { } found
            ? found with
            {
                Rolls = RollRows.Read(connection, Which.Of(id)).GetValueOrDefault(id) ?? [],
            }
            : null;

    private static List<Session> Sessions(IReadOnlyList<Session> known, HashSet<string> changed, SqliteConnection connection)
    {
        var now = changed.Select(id => Session(id, connection)).OfType<Session>().ToDictionary(s => s.Id);
        var stays = known.Where(s => changed.Contains(s.Id)).ToList();
        // Where none is new, gone or of another day, each takes the place it had.
        if (stays.Count == changed.Count && stays.All(s => now.TryGetValue(s.Id, out var n) && n.Date == s.Date))
            return [.. known.Select(s => now.GetValueOrDefault(s.Id) ?? s)];
        var all = known.ToDictionary(s => s.Id);
        foreach (var session in now.Values)
            all[session.Id] = session;
        return [.. SessionTable.Ids(connection).Select(id => all[id])];
    }
}
