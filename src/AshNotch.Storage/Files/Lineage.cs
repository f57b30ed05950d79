using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Files;

/// <summary>
/// Keeps SQLite's write-ahead log from being taken up by another database than its own. SQLite does not tell: somebody who puts an older
/// copy of the file back beside the log of a crash would have the two mixed. So each time the log is folded into the file, the file gets a
/// new mark, and the mark is noted beside it; a file whose mark is another was put there, and the log beside it is set aside.
/// </summary>
internal static class Lineage
{
    /// <summary>The name of the setting that holds the mark.</summary>
    public const string Setting = "lineage";

    private const string Beside = "-mark";

    /// <summary>
    /// Notes the mark of a file that is being opened, giving it one where it has none, or where it was put there: the copy it was put from may
    /// be put there again.
    /// </summary>
    /// <param name="connection">A connection to it.</param>
    /// <param name="path">Where it is.</param>
    /// <param name="wasPutHere">What was noted is of another file.</param>
    public static void Begin(SqliteConnection connection, string path, bool wasPutHere)
    {
        if (!wasPutHere && Mark(connection) is { } known)
            Note(path, [.. Noted(path), known]);
        else
            Fold(connection, path);
    }

    /// <summary>Folds the write-ahead log into the file. Others may be reading; then it is folded another time.</summary>
    public static void Fold(SqliteConnection connection, string path)
    {
        var (before, after) = (Mark(connection), Guid.NewGuid().ToString("N"));
        // Whatever happens in between, the file carries one of these: where it could not be folded before, it has an earlier one.
        Note(path, [.. Noted(path), before, after]);
        Set(connection, after);
        var folded = Convert.ToInt64(connection.Value("PRAGMA wal_checkpoint(TRUNCATE)") ?? 1L, null) == 0;
        if (folded)
            Note(path, after);
    }

    /// <summary>Gives a copy a mark of its own, so that it is known for another file wherever it is put.</summary>
    public static void Renew(SqliteConnection copy) => Set(copy, Guid.NewGuid().ToString("N"));

    /// <summary>There is a note of a mark beside a file, whether or not the file is there.</summary>
    public static bool IsNoted(string path) => File.Exists(path + Beside);

    /// <summary>The file that is there is another than the one whose mark was noted: somebody put it there.</summary>
    public static bool IsAnother(string path) => IsNoted(path) && InFileAlone(path) is { } mark && !Noted(path).Contains(mark);

    /// <summary>Sets a write-ahead log aside that belongs to another file than the one that is there now.</summary>
    public static void SetLogAside(string path)
    {
        var log = path + "-wal";
        if (!File.Exists(log) || new FileInfo(log).Length == 0)
            return;
        File.Move(log, $"{log}-stale-{DateTime.UtcNow:yyyyMMddHHmmss}");
        File.Delete(path + "-shm");
    }

    private static string[] Noted(string path) => IsNoted(path) ? File.ReadAllLines(path + Beside) : [];

    private static void Note(string path, params IEnumerable<string?> said)
    {
        var marks = said.OfType<string>().Distinct().ToList();
        var (noted, making) = (path + Beside, path + Beside + "-new");
        if (Noted(path).SequenceEqual(marks))
            return;
        File.Delete(making);
        Private.NewFile(making);
        using (var stream = new FileStream(making, FileMode.Open, FileAccess.Write))
        {
            stream.Write(System.Text.Encoding.ASCII.GetBytes(string.Concat(marks.Select(m => m + "\n"))));
            stream.Flush(flushToDisk: true);
        }
        File.Move(making, noted, overwrite: true);
    }

    private static void Set(SqliteConnection connection, string? mark) =>
        connection.Run(
            "INSERT INTO setting (name, value) VALUES ($1, $2) ON CONFLICT (name) DO UPDATE SET value = $2",
            Setting,
            mark ?? ""
        );

    private static string? Mark(SqliteConnection connection) =>
        connection.Value("SELECT value FROM setting WHERE name = $1", Setting) as string;

    // As the file is without its log. Null where that cannot be said: a crash may have left it so, and the log mends it.
    private static string? InFileAlone(string path)
    {
        try
        {
            using var connection = DataFile.ConnectTo(path);
            return Mark(connection) ?? "";
        }
        catch (SqliteException)
        {
            return null;
        }
    }
}
