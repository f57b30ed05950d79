using System.Globalization;
using System.Text.RegularExpressions;
using AshNotch.Storage.Files;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Backups;

/// <summary>The copies beside a log, in a folder of their own.</summary>
internal sealed partial class BackupFolder
{
    /// <summary>The folder's name in a data directory.</summary>
    public const string Name = "backups";

    /// <summary>Copies of this kind are thinned out as they grow old.</summary>
    public const string Nightly = "nightly";

    private const string Moment = "yyyyMMdd-HHmmss";
    private readonly string folder;

    private BackupFolder(string folder) => this.folder = folder;

    /// <summary>That of a data directory.</summary>
    public static BackupFolder Of(string directory) => new(Path.Combine(directory, Name));

    /// <summary>The copies, newest first; what else lies in the folder is left alone.</summary>
    public IReadOnlyList<Backup> List() =>
        Directory.Exists(folder)
            ?
            [
                .. Directory
                    .EnumerateFiles(folder, "*.db")
                    .Select(Named)
                    .OfType<Backup>()
                    .OrderByDescending(b => b.At)
                    .ThenByDescending(b => b.Name, StringComparer.Ordinal),
            ]
            : [];

    /// <summary>Closes the folder and its copies to others, where they were made or brought with too wide a mode.</summary>
    public void Close()
    {
        if (!Directory.Exists(folder))
            return;
        Private.Directory(folder);
        foreach (var copy in List())
            Private.File(copy.Path);
    }

    /// <summary>The copy of this name, or null.</summary>
    public Backup? Find(string name) => List().FirstOrDefault(b => b.Name == name);

    /// <summary>Makes a copy, whole or not at all, while others read and write.</summary>
    public Backup Make(SqliteConnection connection, string kind, DateTimeOffset now, KeepingLock held)
    {
        Private.Directory(folder);
        var name = $"ash-notch-{now.UtcDateTime.ToString(Moment, CultureInfo.InvariantCulture)}-{kind}";
        var path = Path.Combine(folder, name + ".db");
        for (var n = 2; File.Exists(path); n++)
            path = Path.Combine(folder, string.Create(CultureInfo.InvariantCulture, $"{name}-{n}.db"));
        Write(connection, path, held);
        return Named(path)!;
    }

    /// <summary>Takes away the nightly copies that nobody needs any more.</summary>
    /// <param name="nightly">Those that can be read, the last made first; what cannot is left to the user.</param>
    /// <param name="now">The time.</param>
    public static void Thin(IReadOnlyList<Backup> nightly, DateTimeOffset now)
    {
        var keep = Retention.Keep([.. nightly.Select(b => b.At)], now);
        foreach (var backup in nightly.Where(b => !keep.Contains(b.At)))
            File.Delete(backup.Path);
    }

    /// <summary>Writes a copy to a file that is not there yet, or replaces it when the copy is whole.</summary>
    public static void Write(SqliteConnection connection, string path, KeepingLock held)
    {
        using var making = Unfinished.Begin(path, held);
        connection.Run("VACUUM INTO $1", making.Path);
        using (var copy = DataFile.Connect(DataFile.ConnectionString(making.Path, pooling: false)))
        {
            copy.Run("PRAGMA journal_mode = DELETE;");
            Lineage.Renew(copy);
        }
        making.Finish(path, overwrite: true);
    }

    private static Backup? Named(string path)
    {
        var said = Written().Match(Path.GetFileName(path));
        return
            said.Success
            && DateTime.TryParseExact(
                said.Groups[1].Value,
                Moment,
                CultureInfo.InvariantCulture,
                DateTimeStyles.AssumeUniversal | DateTimeStyles.AdjustToUniversal,
                out var at
            )
            ? new Backup(path, Path.GetFileName(path), at, said.Groups[2].Value, new FileInfo(path).Length)
            : null;
    }

    [GeneratedRegex(@"^ash-notch-(\d{8}-\d{6})-(nightly|made|before-restore|before-update-\d+)(?:-\d+)?\.db$")]
    private static partial Regex Written();
}
