using System.Globalization;
using AshNotch.Core.Rolls;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tables;

/// <summary>Partners that were entered twice and made one.</summary>
internal static class PartnerMergeTable
{
    private sealed record Merge(Partner Gone, Partner Kept, IReadOnlyList<string> Rolls);

    /// <summary>Makes two records one: the rolls of the one that goes move to the one that stays. Returns what undoes it.</summary>
    public static long MakeOne(SqliteConnection connection, string gone, string kept, DateTimeOffset now)
    {
        var (goes, stays) = (Find(connection, gone), Find(connection, kept));
        var rolls = connection.Query("SELECT id FROM roll WHERE partner_id = $1 ORDER BY key", gone).Select(r => r.GetString(0)).ToList();
        connection.Run("UPDATE roll SET partner_id = $2 WHERE partner_id = $1", gone, kept);
        PeopleTables.Save(connection, stays.TakeIn(goes), now);
        connection.Run("DELETE FROM partner WHERE id = $1", gone);
        return (long)
            connection.Value(
                "INSERT INTO partner_merge (gone, gone_was, kept, kept_was, rolls, merged_at) VALUES ($1, $2, $3, $4, $5, $6) "
                    + "RETURNING key",
                gone,
                HistoryTable.Written(goes),
                kept,
                HistoryTable.Written(stays),
                Rows.Json(rolls),
                now.ToUniversalTime().ToString("O", CultureInfo.InvariantCulture)
            )!;
    }

    /// <summary>Takes a merge apart; false when there is none to undo, or the one that stayed is gone itself.</summary>
    public static bool Undo(SqliteConnection connection, long key, DateTimeOffset now)
    {
        var merge = connection
            .Query(
                "SELECT gone_was, kept_was, rolls FROM partner_merge WHERE key = $1 AND undone_at IS NULL AND EXISTS (SELECT 1 FROM "
                    + "partner WHERE id = kept)",
                key
            )
            .Select(row => new Merge(HistoryTable.ReadPartner(row.GetString(0)), HistoryTable.ReadPartner(row.GetString(1)), row.Texts(2)))
            .FirstOrDefault();
        if (merge is null)
            return false;
        var stays = Find(connection, merge.Kept.Id);
        // What was changed since the merge is kept; only the other's names go back with it.
        var untouched = HistoryTable.Written(stays) == HistoryTable.Written(merge.Kept.TakeIn(merge.Gone));
        PeopleTables.Save(
            connection,
            untouched
                ? merge.Kept
                : stays with
                {
                    AlsoCalled = [.. stays.AlsoCalled.Where(n => n != merge.Gone.Name && !merge.Gone.AlsoCalled.Contains(n))],
                },
            now
        );
        PeopleTables.Save(connection, PeopleTables.Free(connection, merge.Gone), now);
        foreach (var roll in merge.Rolls)
            connection.Run("UPDATE roll SET partner_id = $1 WHERE id = $2 AND partner_id = $3", merge.Gone.Id, roll, merge.Kept.Id);
        connection.Run(
            "UPDATE partner_merge SET undone_at = $2 WHERE key = $1",
            key,
            now.ToUniversalTime().ToString("O", CultureInfo.InvariantCulture)
        );
        return true;
    }

    /// <summary>Takes apart what partners were made one with, the last first: each brings the one before it into reach.</summary>
    public static void TakeApart(SqliteConnection connection, IReadOnlySet<string> partners, DateTimeOffset now)
    {
        var merges = connection
            .Query("SELECT key, gone, kept FROM partner_merge WHERE undone_at IS NULL ORDER BY key DESC")
            .Select(row => (Key: row.GetInt64(0), Gone: row.GetString(1), Kept: row.GetString(2)))
            .ToList();
        foreach (var (key, gone, kept) in merges)
            if (partners.Contains(gone) || partners.Contains(kept))
                Undo(connection, key, now);
    }

    /// <summary>The id under which a partner's rolls are kept now.</summary>
    public static string Now(SqliteConnection connection, string id)
    {
        while (
            connection.Value(
                "SELECT kept FROM partner_merge WHERE gone = $1 AND undone_at IS NULL AND NOT EXISTS (SELECT 1 FROM partner WHERE id "
                    + "= $1) ORDER BY key DESC",
                id
            )
                is string kept
        )
            id = kept;
        return id;
    }

    private static Partner Find(SqliteConnection connection, string id) =>
        PeopleTables.Find(connection, id) ?? throw new StorageException($"there is no partner '{id}'; they may have been merged already.");
}
