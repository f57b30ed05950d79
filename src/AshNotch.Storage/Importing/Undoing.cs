using System.Globalization;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Importing;

/// <summary>Takes an import back: what it brought goes, what it changed is as it was. What was changed since stays as it is now.</summary>
internal static class Undoing
{
    private sealed record Change(ImportedKind Kind, string Id, string? Before, string After);

    /// <summary>The imports, newest first.</summary>
    public static IReadOnlyList<Import> List(SqliteConnection connection) =>
        [
            .. connection
                .Query(
                    "SELECT key, at, summary, undone_at, (SELECT count(*) FROM import_change c WHERE c.import = i.key) FROM import i "
                        + "ORDER BY key DESC"
                )
                .Select(row => new Import(
                    row.GetInt64(0),
                    DateTimeOffset.Parse(row.GetString(1), CultureInfo.InvariantCulture),
                    row.GetString(2),
                    row.Text(3) is not null,
                    row.GetInt32(4)
                )),
        ];

    /// <summary>
    /// Takes it back; what of its changes stays, and why. Null when there is none to undo. With something left, it can be tried again.
    /// Partners it brought that were made one with others since are taken apart first.
    /// </summary>
    public static IReadOnlyList<Stay>? Undo(SqliteConnection connection, long import, DateTimeOffset now)
    {
        var changes = Changes(connection, import);
        if (changes.Count == 0)
            return null;
        PartnerMergeTable.TakeApart(
            connection,
            changes.Where(c => c is { Kind: ImportedKind.Partner, Before: null }).Select(c => c.Id).ToHashSet(),
            now
        );
        using var writer = new RollWriter(connection);
        var stays = new List<Stay>();
        foreach (var change in changes.OrderBy(c => c.Kind))
        {
            if (TakeBack(connection, writer, change, now))
                connection.Run(
                    "DELETE FROM import_change WHERE import = $1 AND what = $2 AND id = $3",
                    import,
                    ImportRecord.Say(change.Kind),
                    change.Id
                );
            else
                stays.Add(new Stay(ImportRecord.Say(change.Kind), change.Id, Why(change)));
        }
        connection.Run("UPDATE import SET undone_at = $2 WHERE key = $1", import, HistoryTable.Stamp(now));
        return stays;
    }

    private static string Why(Change change) =>
        change is { Kind: ImportedKind.Partner or ImportedKind.Session, Before: null }
            ? "it was changed since, or rolls that came later hold on to it"
            : "it was changed or deleted since";

    /// <summary>Reads all that would be needed to take imports back.</summary>
    public static int Look(SqliteConnection connection, bool strictly)
    {
        var changes = List(connection).SelectMany(i => Changes(connection, i.Key)).ToList();
        foreach (var change in changes)
        {
            if (change.After.Length != ImportRecord.MarkLength || !change.After.All(char.IsAsciiHexDigitLower))
                throw new InvalidDataException($"the mark of {change.Kind} '{change.Id}' is none");
            if (change.Before is not { } before || before == ImportRecord.Deleted)
                continue;
            _ = change.Kind switch
            {
                ImportedKind.Roll => (object)HistoryTable.ReadRoll(before, change.Id, strictly),
                ImportedKind.Partner => HistoryTable.ReadPartner(before, strictly),
                ImportedKind.Session => HistoryTable.ReadSession(before, strictly),
                ImportedKind.Practitioner => HistoryTable.ReadPractitioner(before, strictly),
                _ => before,
            };
        }
        return changes.Count;
    }

    private static List<Change> Changes(SqliteConnection connection, long import) =>
        [
            .. connection
                .Query("SELECT what, id, before, after FROM import_change WHERE import = $1", import)
                .Select(row => new Change(
                    Enum.Parse<ImportedKind>(row.GetString(0), ignoreCase: true),
                    row.GetString(1),
                    row.Text(2),
                    row.GetString(3)
                )),
        ];

    // False where it was changed since, or something that came later holds on to it.
    private static bool TakeBack(SqliteConnection connection, RollWriter writer, Change change, DateTimeOffset now) =>
        change.Kind switch
        {
            ImportedKind.Roll => Roll(connection, writer, change, now),
            ImportedKind.Partner => Partner(connection, change, now),
            ImportedKind.Session => Session(connection, change),
            ImportedKind.Name => Name(connection, change),
            ImportedKind.Focus => connection.Run("DELETE FROM focus WHERE key = $1", change.Id) > 0,
            ImportedKind.Week => Document(connection, "week", "''", change),
            ImportedKind.Block => Document(connection, "block", "id", change),
            ImportedKind.Drilled => Document(connection, "drilled", "date || ' ' || block", change),
            ImportedKind.MatchDay => Document(connection, "match_day", "id", change),
            ImportedKind.Ruleset => Document(connection, "ruleset", "id", change),
            ImportedKind.Fear => Document(connection, "fear", "id", change),
            ImportedKind.Rating => Rating(connection, change),
            _ => Practitioner(connection, change),
        };

    private static bool Roll(SqliteConnection connection, RollWriter writer, Change change, DateTimeOffset now)
    {
        // Deleted since, with nothing to bring back: it is gone already.
        if (change.Before is null && RollTable.Key(connection, change.Id) is null)
            return true;
        if (RollTable.Find(connection, change.Id) is not { } stands || !IsAs(HistoryTable.Written(stands.Roll), change))
            return false;
        if (change.Before is null)
            return connection.Run("DELETE FROM roll WHERE id = $1", change.Id) > 0;
        if (change.Before == ImportRecord.Deleted)
            return RollTable.Delete(connection, change.Id, now);
        writer.Save(
            stands.Session,
            RollIntake.WithWhoIsThere(connection, HistoryTable.ReadRoll(change.Before, change.Id)),
            now,
            "restored"
        );
        return true;
    }

    private static bool Rating(SqliteConnection connection, Change change)
    {
        if (RatingTable.Find(connection, change.Id) is not { } stands || !IsAs(stands, change))
            return false;
        RatingTable.Drop(connection, change.Id);
        return true;
    }

    private static bool Partner(SqliteConnection connection, Change change, DateTimeOffset now)
    {
        if (PeopleTables.Find(connection, change.Id) is not { } stands)
            return change.Before is null;
        if (!IsAs(HistoryTable.Written(stands), change))
            return false;
        if (change.Before is not null)
            PeopleTables.Save(connection, PeopleTables.Free(connection, HistoryTable.ReadPartner(change.Before)), now);
        else if (connection.Value("SELECT 1 FROM roll WHERE partner_id = $1", change.Id) is not null)
            return false;
        else
            connection.Run("DELETE FROM partner WHERE id = $1", change.Id);
        return true;
    }

    private static bool Session(SqliteConnection connection, Change change)
    {
        if (SessionTable.Find(connection, change.Id) is not { } stands || !IsAs(HistoryTable.Written(stands), change))
            return false;
        if (change.Before is not null)
            SessionTable.Save(connection, HistoryTable.ReadSession(change.Before));
        else if (connection.Value("SELECT 1 FROM roll WHERE session_id = $1", change.Id) is not null)
            return false;
        else
            connection.Run("DELETE FROM session WHERE id = $1", change.Id);
        return true;
    }

    private static bool Name(SqliteConnection connection, Change change)
    {
        var stands = OwnNameTable.Read(connection).FirstOrDefault(n => n.Name == change.Id);
        if (stands is null || !IsAs(TakingIn.Written(stands), change))
            return false;
        if (change.Before is null)
            return OwnNameTable.Drop(connection, change.Id);
        var was = change.Before.Split('\n');
        OwnNameTable.Save(connection, new OwnName(was[0], was[1], Term.TryRead<MoveKind>(was[2], out var kind) ? kind : null));
        return true;
    }

    private static bool Document(SqliteConnection connection, string table, string id, Change change) =>
        connection.Value($"SELECT document FROM {table} WHERE {id} = $1", change.Id) is string stands
        && IsAs(stands, change)
        && connection.Run($"DELETE FROM {table} WHERE {id} = $1", change.Id) > 0;

    private static bool Practitioner(SqliteConnection connection, Change change)
    {
        if (change.Before is null || !IsAs(HistoryTable.Written(PeopleTables.Practitioner(connection)), change))
            return false;
        PeopleTables.Save(connection, HistoryTable.ReadPractitioner(change.Before));
        return true;
    }

    private static bool IsAs(string written, Change change) => ImportRecord.Mark(written) == change.After;
}
