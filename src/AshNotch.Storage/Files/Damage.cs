using AshNotch.Storage.Backups;

namespace AshNotch.Storage.Files;

/// <summary>What is said of a file that is not what it should be: where the newest backup is, and how to salvage.</summary>
internal static class Damage
{
    /// <summary>Says it.</summary>
    /// <param name="file">The file of the log.</param>
    /// <param name="what">What is wrong with it.</param>
    public static StorageException Found(string file, string what) =>
        new(
            $"{file} is damaged: {what}. It was left as it is. {Copies(file)}\n"
                + "What can still be read of it can be salvaged from a copy with SQLite's own shell: "
                + $"sqlite3 COPY .recover | sqlite3 {DataFile.Name}",
            StorageTrouble.Damaged
        );

    /// <summary>Says of a log that is gone that it was there.</summary>
    /// <param name="file">Where it was.</param>
    /// <param name="sign">What tells of it.</param>
    public static StorageException Missing(string file, string sign) =>
        new(
            $"{file} is missing, but {sign} there: no empty log was begun in its place. Put the file back where it was. {Copies(file)}\n"
                + $"To begin anew, name another directory with --data, or move what is left in {Path.GetDirectoryName(file)} away.",
            StorageTrouble.Damaged
        );

    private static string Copies(string file)
    {
        var directory = Path.GetDirectoryName(file)!;
        return new GoodCopies().Newest(BackupFolder.Of(directory).List())?.Copy is { } newest
            ? $"The newest backup is {newest.Path}; take it with: ./notch restore {newest.Path} --data {directory}"
            : "There is no good backup beside it.";
    }
}
