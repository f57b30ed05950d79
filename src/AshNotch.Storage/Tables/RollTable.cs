using AshNotch.Core.Rolls;
using AshNotch.Storage.Files;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Rolls one by one.</summary>
internal static class RollTable
{
    /// <summary>The key of a roll, deleted or not; null when there never was one.</summary>
    public static long? Key(SqliteConnection connection, string id) => connection.Value("SELECT key FROM roll WHERE id = $1", id) as long?;

    /// <summary>The version that an edit is made from: it grows with every change, and is never used again.</summary>
    public static int Version(SqliteConnection connection, string id) => Standing(connection, id).Version;

    /// <summary>How often a roll was changed; never, where there is none.</summary>
    public static RollStanding Standing(SqliteConnection connection, string id) =>
        Key(connection, id) is { } key && HistoryTable.Count(connection, key) is var forms
            ? new RollStanding(Era.Of(connection) + forms, forms)
            : new RollStanding(0, 0);

    /// <summary>A roll with the id of its session; null when it is not in the log.</summary>
    public static (string Session, Roll Roll)? Find(SqliteConnection connection, string id) =>
        connection.Value("SELECT key FROM roll WHERE id = $1 AND deleted_at IS NULL", id) is long key
            ? RollRows.Read(connection, Which.One(key)).Select(s => ((string, Roll)?)(s.Key, s.Value.Single())).Single()
            : null;

    /// <summary>Marks a roll deleted; false when there is none to delete.</summary>
    public static bool Delete(SqliteConnection connection, string id, DateTimeOffset now)
    {
        if (connection.Value("SELECT key FROM roll WHERE id = $1 AND deleted_at IS NULL", id) is not long key)
            return false;
        HistoryTable.Remember(connection, key, now, "deleted");
        return connection.Run("UPDATE roll SET deleted_at = $2 WHERE key = $1", key, HistoryTable.Stamp(now)) == 1;
    }

    /// <summary>Takes a deletion back; false when there is none.</summary>
    public static bool Restore(SqliteConnection connection, string id, DateTimeOffset now)
    {
        if (connection.Value("SELECT key FROM roll WHERE id = $1 AND deleted_at IS NOT NULL", id) is not long key)
            return false;
        HistoryTable.Remember(connection, key, now, "restored");
        return connection.Run("UPDATE roll SET deleted_at = NULL WHERE key = $1", key) == 1;
    }
}
