using System.Text.Json;
using AshNotch.Core.Partners;
using AshNotch.Formats.Json;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>What the practitioner is afraid of, each kept as a document of the open form.</summary>
internal static class FearTable
{
    public static List<Fear> Read(SqliteConnection connection) =>
        [
            .. connection
                .Query("SELECT document FROM fear ORDER BY id")
                .Select(row => JsonSerializer.Deserialize(row.GetString(0), LogJson.Default.FearDocument)!)
                .Select(written => FearForm.Read(written, new Checker(), "")),
        ];

    public static void Save(SqliteConnection connection, Fear fear) =>
        connection.Run(
            "INSERT INTO fear (id, document) VALUES ($1, $2) ON CONFLICT (id) DO UPDATE SET document = $2",
            fear.Id,
            Written(fear)
        );

    public static bool Drop(SqliteConnection connection, string id) => connection.Run("DELETE FROM fear WHERE id = $1", id) > 0;

    public static string Written(Fear fear) => JsonSerializer.Serialize(FearForm.Document(fear), LogJson.Default.FearDocument);
}
