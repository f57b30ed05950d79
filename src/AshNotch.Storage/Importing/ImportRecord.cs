using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Importing;

/// <summary>What an import changed, written down so that it can be undone.</summary>
internal sealed class ImportRecord : IDisposable
{
    /// <summary>What stands for the form before of a roll that was deleted.</summary>
    public const string Deleted = "deleted";

    /// <summary>How long a mark is: SHA-256 in hexadecimal digits.</summary>
    public const int MarkLength = 64;

    private readonly SqliteConnection connection;
    private readonly SqliteCommand note;
    private readonly Dictionary<(ImportedKind Kind, bool IsNew), int> counts = [];

    public ImportRecord(SqliteConnection connection, DateTimeOffset now)
    {
        this.connection = connection;
        Key = (long)
            connection.Value("INSERT INTO import (at, summary) VALUES ($1, '') RETURNING key", now.ToUniversalTime().ToString("O"))!;
        note = connection.Command(
            "INSERT INTO import_change (import, what, id, before, after) VALUES ($1, $2, $3, $4, $5)",
            Key,
            "",
            "",
            null,
            ""
        );
    }

    /// <summary>The number by which it is undone.</summary>
    public long Key { get; }

    /// <summary>Notes a change.</summary>
    /// <param name="kind">Of what.</param>
    /// <param name="id">Its id.</param>
    /// <param name="before">How it was written before; null when it was not there.</param>
    /// <param name="after">How it is written now.</param>
    public void Note(ImportedKind kind, string id, string? before, string after)
    {
        note.Parameters[1].Value = Say(kind);
        note.Parameters[2].Value = id;
        note.Parameters[3].Value = before ?? (object)DBNull.Value;
        note.Parameters[4].Value = Mark(after);
        note.ExecuteNonQuery();
        var key = (kind, before is null);
        counts[key] = counts.GetValueOrDefault(key) + 1;
    }

    /// <summary>Counts new ones that were noted otherwise.</summary>
    public void Count(ImportedKind kind, int noted)
    {
        if (noted > 0)
            counts[(kind, true)] = counts.GetValueOrDefault((kind, true)) + noted;
    }

    /// <summary>Closes the record; null, and nothing of it left, when there was nothing to change.</summary>
    public Import? End(DateTimeOffset now)
    {
        if (counts.Count == 0)
        {
            connection.Run("DELETE FROM import WHERE key = $1", Key);
            return null;
        }
        var summary = string.Join(", ", Counted());
        connection.Run("UPDATE import SET summary = $2 WHERE key = $1", Key, summary);
        return new Import(Key, now, summary, Undone: false, counts.Values.Sum());
    }

    /// <inheritdoc/>
    public void Dispose() => note.Dispose();

    /// <summary>A short mark of how something is written, to tell later whether it was changed since.</summary>
    public static string Mark(string written) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(written)));

    /// <summary>A kind as the table has it.</summary>
    public static string Say(ImportedKind kind) => kind.ToString().ToLowerInvariant();

    private IEnumerable<string> Counted() =>
        from kind in Enum.GetValues<ImportedKind>()
        from isNew in (bool[])[true, false]
        let n = counts.GetValueOrDefault((kind, isNew))
        where n > 0
        select string.Create(CultureInfo.InvariantCulture, $"{n} {(isNew ? "new" : "changed")} {Named(kind, n)}");

    private static string Named(ImportedKind kind, int n) =>
        kind switch
        {
            ImportedKind.Name => n == 1 ? "name of your own" : "names of your own",
            ImportedKind.Focus => n == 1 ? "focus" : "focuses",
            ImportedKind.Practitioner => "page about yourself",
            ImportedKind.MatchDay => n == 1 ? "match day" : "match days",
            ImportedKind.Week => "week of training",
            ImportedKind.Drilled => n == 1 ? "day of drilling" : "days of drilling",
            _ => Say(kind) + (n == 1 ? "" : "s"),
        };
}
