namespace AshNotch.Storage;

/// <summary>Held while one program serves a data directory; the system lets go of it when that program ends, however it ends.</summary>
public sealed class DataLock : IDisposable
{
    private readonly FileStream file;

    private DataLock(FileStream file) => this.file = file;

    /// <summary>Takes the lock.</summary>
    /// <exception cref="StorageException">Another program serves this directory, or it cannot be written.</exception>
    public static DataLock Take(string directory)
    {
        try
        {
            Directory.CreateDirectory(directory);
            return new DataLock(
                new FileStream(Path.Combine(directory, "serve.lock"), FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None)
            );
        }
        catch (UnauthorizedAccessException)
        {
            throw new StorageException($"{directory} cannot be written; name another with --data.");
        }
        catch (IOException e)
        {
            throw new StorageException(
                e is DirectoryNotFoundException or FileNotFoundException || !Directory.Exists(directory)
                    ? $"{directory} cannot be used; name another with --data."
                    : $"{directory} is already being served by another Ash Notch; use that one, or stop it first."
            );
        }
    }

    /// <inheritdoc/>
    public void Dispose() => file.Dispose();
}
