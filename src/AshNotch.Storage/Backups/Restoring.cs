using System.Globalization;
using AshNotch.Storage.Files;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Backups;

/// <summary>A copy made ready to take the place of a log: looked at in full, brought to the newest form, with a version of its own.</summary>
internal sealed class Restoring : IDisposable
{
    private Restoring(string path) => Path = path;

    /// <summary>Where it lies; the file it was made from is untouched.</summary>
    public string Path { get; }

    /// <summary>Makes it ready.</summary>
    /// <param name="file">The copy.</param>
    /// <param name="directory">The data directory.</param>
    /// <param name="version">A version of the log that nobody has seen yet.</param>
    /// <exception cref="StorageException">The file is no copy of a log, is damaged, or cannot be read.</exception>
    public static Restoring Of(string file, string directory, long version)
    {
        var path = System.IO.Path.Combine(directory, $"{DataFile.Name}-restoring-{Environment.ProcessId}");
        var ready = new Restoring(path);
        try
        {
            DataFile.Look(file);
            File.Delete(path);
            Private.NewFile(path);
            using (var from = File.OpenRead(file))
            using (var to = new FileStream(path, FileMode.Open, FileAccess.Write))
                from.CopyTo(to);
            using var connection = DataFile.Connect(DataFile.ConnectionString(path, pooling: false));
            connection.Run("PRAGMA journal_mode = DELETE;");
            if (Integrity.Full(connection) is { } complaint)
                throw new StorageException($"{file} is damaged: {complaint}. Nothing was replaced.", StorageTrouble.Damaged);
            Schema.ThrowIfForeign(connection, file);
            Schema.Update(connection);
            LogRows.Whole(connection);
            connection.Run("DELETE FROM log_change");
            connection.Run("INSERT INTO log_change (version, what) VALUES ($1, 'all')", version);
            return ready;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            ready.Dispose();
            throw new StorageException(
                string.Create(CultureInfo.InvariantCulture, $"{file} cannot be read ({e.Message}). Nothing was replaced."),
                StorageTrouble.Unusable
            );
        }
        catch (SqliteException e)
        {
            ready.Dispose();
            throw SqliteTrouble.Of(e, file);
        }
        catch
        {
            ready.Dispose();
            throw;
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        foreach (var left in (string[])[Path, Path + "-journal", Path + "-wal", Path + "-shm"])
            File.Delete(left);
    }
}
