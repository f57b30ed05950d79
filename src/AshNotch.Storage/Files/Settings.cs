using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Files;

/// <summary>Whether the settings say what they can say.</summary>
internal static class Settings
{
    private static readonly Dictionary<string, Func<string, bool>> Known = new()
    {
        ["aim"] = said => Term.TryRead<Aim>(said, out _),
        ["lead"] = said => Term.TryRead<LeadSchool>(said, out _),
        ["rules"] = said => said.Length > 0,
        [Ruleset.HouseId] = said => said.StartsWith('{') && said.EndsWith('}'),
        [LogStore.DemoMark] = said => said == "yes",
        [Lineage.Setting] = said => said.Length == 0 || Guid.TryParseExact(said, "N", out _),
        [Era.Setting] = IsCount,
        [Counted.Practitioner] = IsCount,
        [Counted.Settings] = IsCount,
    };

    /// <summary>Null, or the first setting that says something else.</summary>
    public static string? Trouble(SqliteConnection connection) =>
        connection
            .Query("SELECT name, value FROM setting")
            .Select(row => (Name: row.GetString(0), Value: row.GetString(1)))
            .Where(s => !Known.TryGetValue(s.Name, out var can) || !can(s.Value))
            .Select(s => $"the setting {s.Name} cannot be '{s.Value}'")
            .FirstOrDefault();

    private static bool IsCount(string said) => int.TryParse(said, NumberStyles.None, CultureInfo.InvariantCulture, out _);
}
