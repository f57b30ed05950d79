using System.Diagnostics;
using System.Text;

namespace AshNotch.Storage.Files;

/// <summary>
/// Held while a copy is made or put back, or the write-ahead log is folded: one at a time, whatever process, the others wait. The system lets
/// go of it when a program ends, however it ends. It says which file is half made, so that who holds it next can clear that away. Who saves
/// a roll needs SQLite's own lock alone.
/// </summary>
internal sealed class KeepingLock : IDisposable
{
    /// <summary>Its file's name in a data directory.</summary>
    public const string Name = "keeping.lock";

    private static readonly TimeSpan Between = TimeSpan.FromMilliseconds(20);
    private readonly FileStream file;

    private KeepingLock(FileStream file) => this.file = file;

    /// <summary>Takes it, waiting for whoever has it.</summary>
    /// <param name="directory">The data directory.</param>
    /// <param name="patience">How long to wait.</param>
    /// <exception cref="StorageException">Somebody else had it all the time.</exception>
    public static KeepingLock Take(string directory, TimeSpan patience)
    {
        var waited = Stopwatch.StartNew();
        while (true)
        {
            if (TryTake(directory) is { } held)
                return held;
            if (waited.Elapsed > patience)
                throw new StorageException(
                    $"another program is making a copy of the log in {directory}, or putting one back, and did not finish in time; try again "
                        + "in a moment. Nothing was changed.",
                    StorageTrouble.Busy
                );
            Thread.Sleep(Between);
        }
    }

    /// <summary>Takes it if nobody has it.</summary>
    public static KeepingLock? TryTake(string directory)
    {
        FileStream? file = null;
        try
        {
            var options = new FileStreamOptions
            {
                Mode = FileMode.OpenOrCreate,
                Access = FileAccess.ReadWrite,
                Share = FileShare.None,
            };
            if (!OperatingSystem.IsWindows())
                options.UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite;
            file = new FileStream(Path.Combine(directory, Name), options);
            var held = new KeepingLock(file);
            held.ClearAway();
            return held;
        }
        catch (IOException) when (file is null && Directory.Exists(directory))
        {
            return null;
        }
        catch (UnauthorizedAccessException e)
        {
            file?.Dispose();
            throw DiskTrouble.Of(e, Path.Combine(directory, DataFile.Name));
        }
        catch
        {
            file?.Dispose();
            throw;
        }
    }

    /// <summary>Says which file is being made.</summary>
    public void Note(string making)
    {
        file.SetLength(0);
        file.Write(Encoding.UTF8.GetBytes(making));
        file.Flush();
    }

    /// <inheritdoc/>
    public void Dispose() => file.Dispose();

    private void ClearAway()
    {
        file.Position = 0;
        using var reader = new StreamReader(file, Encoding.UTF8, leaveOpen: true);
        var half = reader.ReadToEnd();
        if (Path.IsPathFullyQualified(half) && Unfinished.IsOne(half) && Directory.Exists(Path.GetDirectoryName(half)))
            Unfinished.Remove(half);
        file.SetLength(0);
    }
}
