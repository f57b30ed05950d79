using System.Text.Json;
using AshNotch.Core.Matches;
using AshNotch.Core.Scoring;
using AshNotch.Formats.Json;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Days of matches and rules of one's own, each kept as a document of the open form.</summary>
internal static class MatchTables
{
    public static MatchBook Read(SqliteConnection connection) =>
        new()
        {
            Rulesets = Rules(connection),
            Days =
            [
                .. connection
                    .Query("SELECT document FROM match_day ORDER BY id")
                    .Select(row => JsonSerializer.Deserialize(row.GetString(0), LogJson.Default.MatchDayDocument)!)
                    .Select(written => MatchReading.Read(written, new Checker(), ""))
                    .OrderBy(d => d.Date),
            ],
        };

    public static IReadOnlyList<MatchRules> Rules(SqliteConnection connection) =>
        [
            .. connection
                .Query("SELECT document FROM ruleset ORDER BY id")
                .Select(row => JsonSerializer.Deserialize(row.GetString(0), LogJson.Default.RulesetDocument)!)
                .Select(written => RulesReading.Read(written, new Checker(), "")),
        ];

    public static void Save(SqliteConnection connection, MatchRules rules) =>
        connection.Run(
            "INSERT INTO ruleset (id, document) VALUES ($1, $2) ON CONFLICT (id) DO UPDATE SET document = $2",
            rules.Id,
            Written(rules)
        );

    public static void Save(SqliteConnection connection, MatchDay day) =>
        connection.Run(
            "INSERT INTO match_day (id, document) VALUES ($1, $2) ON CONFLICT (id) DO UPDATE SET document = $2",
            day.Id,
            Written(day)
        );

    public static bool DropRules(SqliteConnection connection, string id) => connection.Run("DELETE FROM ruleset WHERE id = $1", id) > 0;

    public static bool DropDay(SqliteConnection connection, string id) => connection.Run("DELETE FROM match_day WHERE id = $1", id) > 0;

    /// <summary>Takes these days in the place of all there are.</summary>
    public static void ReplaceDays(SqliteConnection connection, MatchBook book)
    {
        connection.Run("DELETE FROM match_day");
        foreach (var day in book.Days)
            Save(connection, day);
    }

    public static string Written(MatchRules rules) =>
        JsonSerializer.Serialize(MatchWriting.Document(rules), LogJson.Default.RulesetDocument);

    public static string Written(MatchDay day) => JsonSerializer.Serialize(MatchWriting.Document(day), LogJson.Default.MatchDayDocument);
}
