using AshNotch.Storage.Files;

namespace AshNotch.Storage;

/// <summary>Held while one program serves a data directory; the system lets go of it when that program ends, however it ends.</summary>
public sealed class DataLock : IDisposable
{
    internal const string Name = "serve.lock";

    private readonly FileStream file;

    private DataLock(FileStream file) => this.file = file;

    /// <summary>Takes the lock.</summary>
    /// <exception cref="StorageException">Another program serves this directory, or it cannot be written.</exception>
    public static DataLock Take(string directory)
    {
        try
        {
            if (directory.Trim().Length == 0)
                throw new StorageException("--data names no directory; give one, or leave it out.", StorageTrouble.Unusable);
            Private.Directory(directory);
            var file = new FileStream(Path.Combine(directory, Name), FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None);
            Private.File(file.Name);
            return new DataLock(file);
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
