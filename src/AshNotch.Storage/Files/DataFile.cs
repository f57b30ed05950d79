using System.Text;
using AshNotch.Storage.Backups;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Files;

/// <summary>The file of a log: made whole or not at all, looked at before it is used, and watched for being taken away.</summary>
internal sealed class DataFile : IDisposable
{
    /// <summary>Its name in a data directory.</summary>
    public const string Name = "ash-notch.db";

    /// <summary>How long somebody waits for another who is making a copy, or putting one back.</summary>
    public static readonly TimeSpan Patience = TimeSpan.FromSeconds(60);

    /// <summary>How long who saves waits for another program that is writing, unless told otherwise: longer than any verb holds it.</summary>
    public static readonly TimeSpan UsualPatience = TimeSpan.FromSeconds(15);

    private const int HeaderLength = 16;
    private static readonly byte[] Header = Encoding.ASCII.GetBytes("SQLite format 3\0");

    private readonly string connectionString;

    // Held open only to be asked where it is; closed last, since closing lets go of SQLite's locks on the same file.
    private readonly FileStream held;
    private readonly string? at;

    private DataFile(string path, TimeSpan patience)
    {
        Path = path;
        WritePatience = patience;
        connectionString = ConnectionString(path, patience: patience);
        held = new FileStream(path, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete);
        at = Whereabouts();
    }

    /// <summary>Where it is.</summary>
    public string Path { get; }

    /// <summary>How long who saves waits for another program that is writing.</summary>
    public TimeSpan WritePatience { get; }

    /// <summary>The directory it is in.</summary>
    public string Directory => System.IO.Path.GetDirectoryName(Path)!;

    /// <summary>Opens the file of a directory; makes both where they are missing, and brings older data to the newest form.</summary>
    /// <exception cref="StorageException">It cannot be used, is damaged, or was written by a later version.</exception>
    public static DataFile Open(string directory, DateTimeOffset now, TimeSpan patience)
    {
        if (directory.Trim().Length == 0)
            throw new StorageException("--data names no directory; give one, or leave it out.", StorageTrouble.Unusable);
        DataFile? file = null;
        try
        {
            directory = System.IO.Path.GetFullPath(directory);
            Private.Directory(directory);
            BackupFolder.Of(directory).Close();
            var path = System.IO.Path.Combine(directory, Name);
            using var held = KeepingLock.Take(directory, Patience);
            Unfinished.RemoveAll(directory);
            Unfinished.RemoveAll(System.IO.Path.Combine(directory, BackupFolder.Name));
            if (!File.Exists(path))
                Make(path, held);
            Look(path);
            var wasPutHere = Lineage.IsAnother(path);
            if (wasPutHere)
                Lineage.SetLogAside(path);
            file = new DataFile(path, patience);
            file.Check(now, wasPutHere, held);
            return file;
        }
        catch (SqliteException e)
        {
            file?.Dispose();
            throw SqliteTrouble.Of(e, System.IO.Path.Combine(directory, Name));
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException or ArgumentException or NotSupportedException)
        {
            file?.Dispose();
            throw new StorageException(
                $"{directory} cannot be used as a data directory ({e.Message}); name another with --data.",
                StorageTrouble.Unusable
            );
        }
        catch (StorageException)
        {
            file?.Dispose();
            throw;
        }
    }

    /// <summary>A connection, to be disposed of.</summary>
    public SqliteConnection Connect()
    {
        // The directory may be gone while serving; SQLite would make a new, empty file of that name.
        ThrowIfMoved();
        return Connect(connectionString);
    }

    /// <summary>Nothing is acknowledged that went into a file which is no longer there.</summary>
    /// <exception cref="StorageException">The file was removed or replaced.</exception>
    public void ThrowIfMoved()
    {
        if (!File.Exists(Path) || Whereabouts() != at)
            throw new StorageException(
                $"{Path} was removed or replaced while Ash Notch was using it. Nothing was saved; put it back or restore a backup, then start "
                    + "Ash Notch again.",
                StorageTrouble.Unusable
            );
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        using (var any = new SqliteConnection(connectionString))
            SqliteConnection.ClearPool(any);
        held.Dispose();
    }

    /// <summary>A connection to a file that is only looked at: nothing is written, not even beside it, and no log beside it is read.</summary>
    public static SqliteConnection ConnectTo(string path)
    {
        var uri = "file://" + string.Join('/', System.IO.Path.GetFullPath(path).Split('/').Select(Uri.EscapeDataString));
        var connection = new SqliteConnection(ConnectionString(uri + "?immutable=1", pooling: false, SqliteOpenMode.ReadOnly));
        connection.Open();
        return connection;
    }

    /// <summary>A connection to any file of SQLite's.</summary>
    public static SqliteConnection Connect(string connectionString)
    {
        var connection = new SqliteConnection(connectionString);
        connection.Open();
        connection.Run(
            string.Create(
                System.Globalization.CultureInfo.InvariantCulture,
                $"PRAGMA busy_timeout = {connection.DefaultTimeout * 1000}; PRAGMA synchronous = FULL;"
            )
        );
        return connection;
    }

    /// <summary>How to connect to a file; without pooling it is closed when the connection is.</summary>
    public static string ConnectionString(
        string path,
        bool pooling = true,
        SqliteOpenMode mode = SqliteOpenMode.ReadWrite,
        TimeSpan? patience = null
    ) =>
        new SqliteConnectionStringBuilder
        {
            DataSource = path,
            ForeignKeys = true,
            Pooling = pooling,
            DefaultTimeout = (int)(patience ?? UsualPatience).TotalSeconds,
            Mode = mode,
        }.ToString();

    // Linux says of an open file where it is now, or that it is deleted.
    private string? Whereabouts() =>
        OperatingSystem.IsLinux()
            ? File.ResolveLinkTarget($"/proc/self/fd/{held.SafeFileHandle.DangerousGetHandle()}", false)?.FullName
            : null;

    // Under another name first: a crash in the middle leaves no half-made log that would be taken for a damaged one.
    private static void Make(string path, KeepingLock held)
    {
        if (WasThere(path) is { } sign)
            throw Damage.Missing(path, sign);
        using var making = Unfinished.Begin(path, held);
        using (var connection = Connect(ConnectionString(making.Path, pooling: false)))
        {
            connection.Run("PRAGMA journal_mode = WAL;");
            Schema.Update(connection);
        }
        making.Finish(path, overwrite: false);
    }

    /// <summary>What tells that there was a log here, null where nothing does: nobody's may be replaced by an empty one in silence.</summary>
    public static string? WasThere(string path) =>
        File.Exists(path + "-wal") && new FileInfo(path + "-wal").Length > 0 ? "its write-ahead log is"
        : BackupFolder.Of(System.IO.Path.GetDirectoryName(path)!).List().Count > 0 ? "copies of it are"
        : Lineage.IsNoted(path) ? "the mark of it is"
        : null;

    /// <summary>Looks at the first bytes: SQLite would take an empty file for an empty database.</summary>
    /// <exception cref="StorageException">It is not what it should be.</exception>
    public static void Look(string path)
    {
        using var stream = new FileStream(path, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete);
        if (stream.Length == 0)
            throw Damage.Found(path, "it is empty");
        var header = new byte[HeaderLength];
        if (stream.ReadAtLeast(header, HeaderLength, throwOnEndOfStream: false) < HeaderLength || !header.AsSpan().SequenceEqual(Header))
            throw Damage.Found(path, "it does not begin as a database of SQLite does");
    }

    private void Check(DateTimeOffset now, bool wasPutHere, KeepingLock held)
    {
        using var connection = Connect();
        if (Integrity.Quick(connection) is { } complaint)
            throw Damage.Found(Path, complaint);
        Schema.ThrowIfForeign(connection, Path);
        connection.Run("PRAGMA journal_mode = WAL;");
        if (Schema.IsOld(connection))
            BackupFolder.Of(Directory).Make(connection, $"before-update-{Schema.Version(connection)}", now, held);
        Schema.Update(connection);
        if (wasPutHere)
            Era.BeginUnknown(connection);
        Lineage.Begin(connection, Path, wasPutHere);
    }
}
