using AshNotch.Storage.Backups;

namespace AshNotch.Storage.Files;

/// <summary>What is said of a file that is not what it should be: where the newest backup is, and how to salvage.</summary>
internal static class Damage
{
    /// <summary>Says it.</summary>
    /// <param name="file">The file of the log.</param>
    /// <param name="what">What is wrong with it.</param>
    public static StorageException Found(string file, string what)
    {
        var directory = Path.GetDirectoryName(file)!;
        var newest = BackupFolder.Of(directory).List() is [var first, ..] ? first : null;
        var backup = newest is null
            ? "There is no backup beside it."
            : $"The newest backup is {newest.Path}; take it with: ./notch restore {newest.Path} --data {directory}";
        return new StorageException(
            $"{file} is damaged: {what}. It was left as it is. {backup}\n"
                + "What can still be read of it can be salvaged from a copy with SQLite's own shell: "
                + $"sqlite3 COPY .recover | sqlite3 {DataFile.Name}",
            StorageTrouble.Damaged
        );
    }
}
