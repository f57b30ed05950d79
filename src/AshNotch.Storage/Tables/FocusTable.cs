using AshNotch.Core.Drilling;
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
                .Query("SELECT from_place, by, move, to_place, side, chosen, reason FROM focus ORDER BY key")
                .Select(row => new Focus(
                    new Way(
                        new PlaceId(row.GetString(0)),
                        row.Said<Who>(1)!.Value,
                        MoveId.Of(row.Text(2)),
                        PlaceId.Of(row.Text(3)),
                        row.Said<BodySide>(4)
                    ),
                    row.Day(5)!.Value,
                    row.Text(6)
                )),
        ];

    /// <summary>Adds a focus as the newest; its key.</summary>
    public static string Add(SqliteConnection connection, Focus focus) =>
        connection
            .Value(
                "INSERT INTO focus (from_place, by, move, to_place, side, chosen, reason) VALUES ($1, $2, $3, $4, $5, $6, $7) RETURNING key",
                focus.Way.From.Value,
                Term.Of(focus.Way.By),
                focus.Way.Move?.Value,
                focus.Way.To?.Value,
                focus.Way.Side is { } side ? Term.Of(side) : null,
                Rows.Day(focus.Chosen),
                focus.Reason
            )!
            .ToString()!;
}
