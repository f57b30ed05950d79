using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Forgetting;

/// <summary>
/// Takes a partner out of a file: their record with its earlier forms, notes and traits; their name from everything told, written and
/// remembered. The rolls stay, with somebody unknown.
/// </summary>
internal static class Forget
{
    // What is text, and what is a document of the open form or a list of texts.
    private static readonly (string Table, string[] Columns)[] Texts =
    [
        ("roll", ["notes", "mission", "mission_checks", "missed", "penalties", "event", "division", "partial"]),
        ("session", ["notes", "state_note", "taught"]),
        ("notch", ["note", "advice", "causes", "rulings"]),
        ("takeaway", ["text"]),
        ("partner", ["traits", "notes", "owed"]),
        ("partner_history", ["document"]),
        ("roll_history", ["document"]),
        ("focus", ["reason"]),
        ("draft", ["body"]),
        ("week", ["document"]),
        ("block", ["document"]),
        ("drilled", ["document"]),
        ("match_day", ["document"]),
        ("fear", ["document"]),
        ("import_change", ["before", "after"]),
        ("import", ["summary"]),
    ];

    // What is the id of a move or a place, which may be one of the user's own.
    private static readonly (string Table, string[] Columns)[] Ids =
    [
        ("exchange", ["start"]),
        ("notch", ["move", "from_place", "to_place"]),
        ("focus", ["from_place", "move", "to_place"]),
        ("own_name", ["id"]),
    ];

    /// <summary>Does it, inside a transaction; a file of an earlier version has fewer tables.</summary>
    public static void In(SqliteConnection connection, Partner partner, MatVocabulary vocabulary)
    {
        var swap = NameSwap.Forgetting(partner, vocabulary.IsTerm);
        var documents = NamesOut.Forgetting(partner, vocabulary);
        Retellings(connection, swap);
        foreach (var (table, columns) in Texts)
        foreach (var column in columns.Where(c => Has(connection, table, c)))
            Column(connection, table, column, documents.In);
        foreach (var (table, columns) in Ids)
        foreach (var column in columns.Where(c => Has(connection, table, c)))
            Column(connection, table, column, documents.InId);
        if (Has(connection, "own_name", null))
            Column(connection, "own_name", "name", name => swap.IsIn(name) ? swap.In(name) : null);
        foreach (var (table, where) in new[] { ("partner_history", "partner = $1"), ("partner_merge", "gone = $1 OR kept = $1") })
        {
            if (Has(connection, table, null))
                connection.Run($"DELETE FROM {table} WHERE {where}", partner.Id);
        }
        if (Has(connection, "import_change", null))
            connection.Run("DELETE FROM import_change WHERE what = 'partner' AND id = $1", partner.Id);
        connection.Run("UPDATE roll SET partner_id = NULL WHERE partner_id = $1", partner.Id);
        connection.Run("DELETE FROM partner WHERE id = $1", partner.Id);
        if (Has(connection, "log_change", null))
            connection.Run("UPDATE log_change SET id = NULL WHERE what = 'people' AND id = $1", partner.Id);
    }

    /// <summary>Whether a file still holds them: their record, or their name in a telling.</summary>
    public static bool Holds(SqliteConnection connection, Partner partner, MatVocabulary vocabulary)
    {
        if (connection.Value("SELECT 1 FROM partner WHERE id = $1 OR name = $2 COLLATE NOCASE", partner.Id, partner.Name) is not null)
            return true;
        var swap = NameSwap.Forgetting(partner, vocabulary.IsTerm);
        return connection.Query("SELECT retelling FROM roll WHERE retelling IS NOT NULL").Any(row => swap.IsIn(row.GetString(0)))
            || Texts
                .SelectMany(t => t.Columns.Select(c => (t.Table, Column: c)))
                .Where(t => Has(connection, t.Table, t.Column))
                .Any(t => connection.Query($"SELECT {t.Column} FROM {t.Table}").Any(row => swap.IsIn(row.Text(0))));
    }

    // A telling that is longer or shorter now moves the words its notches were read from.
    private static void Retellings(SqliteConnection connection, NameSwap swap)
    {
        List<(long Key, string Told)> told =
        [
            .. connection
                .Query("SELECT key, retelling FROM roll WHERE retelling IS NOT NULL")
                .Select(row => (row.GetInt64(0), row.GetString(1)))
                .Where(r => swap.IsIn(r.Item2)),
        ];
        foreach (var (key, text) in told)
        {
            var (without, moved) = swap.Moved(text);
            connection.Run("UPDATE roll SET retelling = $2 WHERE key = $1", key, without);
            List<(long Exchange, long Ordinal, int Start, int End)> spans =
            [
                .. connection
                    .Query("SELECT exchange, ordinal, span_start, span_end FROM notch WHERE roll = $1 AND span_start IS NOT NULL", key)
                    .Select(row => (row.GetInt64(0), row.GetInt64(1), row.GetInt32(2), row.GetInt32(3))),
            ];
            foreach (var (exchange, ordinal, start, end) in spans)
                connection.Run(
                    "UPDATE notch SET span_start = $4, span_end = $5 WHERE roll = $1 AND exchange = $2 AND ordinal = $3",
                    key,
                    exchange,
                    ordinal,
                    moved(start),
                    moved(end)
                );
        }
    }

    private static void Column(SqliteConnection connection, string table, string column, Func<string, string?> without)
    {
        // Each different text once: many rows say the same.
        List<string> all =
        [
            .. connection.Query($"SELECT DISTINCT {column} FROM {table} WHERE {column} IS NOT NULL").Select(r => r.GetString(0)),
        ];
        foreach (var text in all)
        {
            if (without(text) is { } put)
                connection.Run($"UPDATE OR REPLACE {table} SET {column} = $2 WHERE {column} = $1", text, put);
        }
    }

    private static bool Has(SqliteConnection connection, string table, string? column) =>
        column is null
            ? connection.Value("SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = $1", table) is not null
            : connection.Value("SELECT 1 FROM pragma_table_info($1) WHERE name = $2", table, column) is not null;
}
