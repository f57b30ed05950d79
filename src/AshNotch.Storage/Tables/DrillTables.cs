using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using AshNotch.Core.Drilling;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Week;
using AshNotch.Formats.Json;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>What is drilled: the week, the blocks, and what was done of them, each kept as a document of the open form.</summary>
internal static class DrillTables
{
    public static Drills Read(SqliteConnection connection) =>
        new()
        {
            Focuses = FocusTable.Read(connection),
            Week = connection.Value("SELECT document FROM week") is string week
                ? DrillReading.Read(Read(week, LogJson.Default.WeekDocument), new Checker(), "")
                : null,
            Blocks =
            [
                .. connection
                    .Query("SELECT document FROM block")
                    .Select(row => DrillReading.Read(Read(row.GetString(0), LogJson.Default.BlockDocument), new Checker(), ""))
                    .OrderBy(b => b.Start),
            ],
            Done =
            [
                .. connection
                    .Query("SELECT document FROM drilled ORDER BY date, block")
                    .Select(row => DrillReading.Read(Read(row.GetString(0), LogJson.Default.DrilledDocument), new Checker(), "")),
            ],
            Ratings = RatingTable.Read(connection),
        };

    public static void Save(SqliteConnection connection, MyWeek week) =>
        connection.Run("INSERT INTO week (key, document) VALUES (1, $1) ON CONFLICT (key) DO UPDATE SET document = $1", Written(week));

    public static void Save(SqliteConnection connection, Block block) =>
        connection.Run(
            "INSERT INTO block (id, document) VALUES ($1, $2) ON CONFLICT (id) DO UPDATE SET document = $2",
            block.Id,
            Written(block)
        );

    public static void Save(SqliteConnection connection, DrilledSession done) =>
        connection.Run(
            "INSERT INTO drilled (block, date, document) VALUES ($1, $2, $3) ON CONFLICT (block, date) DO UPDATE SET document = $3",
            done.Block,
            Rows.Day(done.Date),
            Written(done)
        );

    public static void DropBlock(SqliteConnection connection, string id) => connection.Run("DELETE FROM block WHERE id = $1", id);

    public static void DropDone(SqliteConnection connection, string block, DateOnly date) =>
        connection.Run("DELETE FROM drilled WHERE block = $1 AND date = $2", block, Rows.Day(date));

    /// <summary>Takes these in the place of all there are.</summary>
    public static void Replace(SqliteConnection connection, Drills drills)
    {
        foreach (var table in (string[])["focus", "week", "block", "drilled", "rating"])
            connection.Run($"DELETE FROM {table}");
        foreach (var focus in drills.Focuses)
            FocusTable.Add(connection, focus);
        if (drills.Week is { } week)
            Save(connection, week);
        foreach (var block in drills.Blocks)
            Save(connection, block);
        foreach (var done in drills.Done)
            Save(connection, done);
        foreach (var rating in drills.Ratings)
            RatingTable.Save(connection, rating);
    }

    public static string Written(MyWeek week) => JsonSerializer.Serialize(DrillWriting.Document(week), LogJson.Default.WeekDocument);

    public static string Written(Block block) => JsonSerializer.Serialize(DrillWriting.Document(block), LogJson.Default.BlockDocument);

    public static string Written(DrilledSession done) =>
        JsonSerializer.Serialize(DrillWriting.Document(done), LogJson.Default.DrilledDocument);

    /// <summary>The name under which an import notes what was done on a day.</summary>
    public static string IdOf(DrilledSession done) => string.Create(CultureInfo.InvariantCulture, $"{done.Date:yyyy-MM-dd} {done.Block}");

    private static T Read<T>(string document, JsonTypeInfo<T> form) => JsonSerializer.Deserialize(document, form)!;
}
