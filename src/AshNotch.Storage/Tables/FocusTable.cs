using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>What was chosen to be drilled, oldest first.</summary>
internal static class FocusTable
{
    public static List<Focus> Read(SqliteConnection connection) =>
        [
            .. connection
                .Query("SELECT from_place, by, move, to_place, chosen, reason FROM focus ORDER BY key")
                .Select(row => new Focus(
                    new PlaceId(row.GetString(0)),
                    row.Said<Who>(1)!.Value,
                    MoveId.Of(row.Text(2)),
                    PlaceId.Of(row.Text(3)),
                    row.Day(4)!.Value,
                    row.Text(5)
                )),
        ];

    /// <summary>Adds a focus as the newest; its key.</summary>
    public static string Add(SqliteConnection connection, Focus focus) =>
        connection
            .Value(
                "INSERT INTO focus (from_place, by, move, to_place, chosen, reason) VALUES ($1, $2, $3, $4, $5, $6) RETURNING key",
                focus.From.Value,
                Term.Of(focus.By),
                focus.Move?.Value,
                focus.To?.Value,
                Rows.Day(focus.Chosen),
                focus.Reason
            )!
            .ToString()!;
}
