using AshNotch.Storage;
using Microsoft.Data.Sqlite;

namespace AshNotch.Bench.Attack;

/// <summary>Where what was acknowledged is: in the log, or in the copies that restores made of what stood there.</summary>
internal static class Acknowledged
{
    /// <summary>How many of these rolls are in neither.</summary>
    public static int Missing(string directory, IEnumerable<string> ids)
    {
        HashSet<string> there;
        using (var store = LogStore.Open(directory))
            there = [.. store.Read().Rolls.Select(r => r.Roll.Id)];
        var backups = Path.Combine(directory, "backups");
        foreach (var copy in Directory.Exists(backups) ? Directory.GetFiles(backups, "*.db") : [])
        {
            using var connection = new SqliteConnection($"Data Source={copy};Mode=ReadOnly;Pooling=False");
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = "SELECT id FROM roll";
            using var row = command.ExecuteReader();
            while (row.Read())
                there.Add(row.GetString(0));
        }
        return ids.Count(id => !there.Contains(id));
    }
}
