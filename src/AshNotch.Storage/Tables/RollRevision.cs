using AshNotch.Core.Rolls;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>One roll made two, and two made one, inside one transaction.</summary>
internal static class RollRevision
{
    /// <summary>Keeps the first in its place and puts the second right after it.</summary>
    public static bool Split(SqliteConnection connection, Roll first, Roll second, int? version, DateTimeOffset now)
    {
        Changed.ThrowIfSince(version, RollTable.Version(connection, first.Id));
        var session = SessionOf(connection, first.Id);
        using var writer = new RollWriter(connection);
        writer.Save(session, first, now, "edited");
        writer.Save(session, RollIntake.OnTheDay(connection, second), now, "edited");
        connection.Run(
            "UPDATE roll SET ordinal = ordinal + 1 WHERE session_id = $1 AND ordinal > (SELECT ordinal FROM roll WHERE id = $2)",
            session,
            first.Id
        );
        connection.Run("UPDATE roll SET ordinal = (SELECT ordinal + 1 FROM roll WHERE id = $2) WHERE id = $1", second.Id, first.Id);
        return true;
    }

    /// <summary>Keeps the joined roll in its place and deletes the other.</summary>
    public static bool Join(SqliteConnection connection, Roll joined, string gone, int? version, DateTimeOffset now)
    {
        Changed.ThrowIfSince(version, RollTable.Version(connection, joined.Id));
        var session = SessionOf(connection, joined.Id);
        using var writer = new RollWriter(connection);
        writer.Save(session, joined, now, "edited");
        if (!RollTable.Delete(connection, gone, now))
            throw Missing();
        return true;
    }

    private static string SessionOf(SqliteConnection connection, string roll) =>
        RollTable.Find(connection, roll) is { } stands ? stands.Session : throw Missing();

    private static StorageException Missing() => new("One of the rolls is no longer there; nothing was changed.", StorageTrouble.Changed);
}
