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
    private const string Setting = "lineage";

    /// <summary>Notes the mark of a file that is being opened, giving it one where it has none.</summary>
    public static void Begin(SqliteConnection connection, string path)
    {
        if (Mark(connection) is { } known)
            Note(path, known);
        else
            Fold(connection, path);
    }

    /// <summary>Folds the write-ahead log into the file. Others may be reading; then it is folded another time.</summary>
    public static void Fold(SqliteConnection connection, string path)
    {
        var (before, after) = (Mark(connection), Guid.NewGuid().ToString("N"));
        // Whatever happens in between, the file carries one of the two.
        Note(path, before, after);
        Set(connection, after);
        var folded = Convert.ToInt64(connection.Value("PRAGMA wal_checkpoint(TRUNCATE)") ?? 1L, null) == 0;
        if (folded)
            Note(path, after);
    }

    /// <summary>Gives a copy that is about to take the place of a file that file's mark, so that its write-ahead log stays its own.</summary>
    public static void Carry(SqliteConnection file, SqliteConnection copy) => Set(copy, Mark(file));

    /// <summary>Sets a write-ahead log aside that belongs to another file than the one that is there now.</summary>
    public static void SetStaleLogAside(string path)
    {
        var log = path + "-wal";
        var noted = path + "-mark";
        if (!File.Exists(log) || new FileInfo(log).Length == 0 || !File.Exists(noted))
            return;
        if (InFileAlone(path) is not { } mark || File.ReadAllLines(noted).Contains(mark))
            return;
        File.Move(log, $"{log}-stale-{DateTime.UtcNow:yyyyMMddHHmmss}");
        File.Delete(path + "-shm");
    }

    private static void Note(string path, params string?[] marks)
    {
        var (noted, making) = (path + "-mark", $"{path}-mark-new");
        if (File.Exists(noted) && File.ReadAllLines(noted).SequenceEqual(marks.OfType<string>()))
            return;
        File.Delete(making);
        Private.NewFile(making);
        using (var stream = new FileStream(making, FileMode.Open, FileAccess.Write))
        {
            stream.Write(System.Text.Encoding.ASCII.GetBytes(string.Concat(marks.OfType<string>().Select(m => m + "\n"))));
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
