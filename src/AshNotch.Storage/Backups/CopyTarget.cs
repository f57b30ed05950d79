using AshNotch.Storage.Files;

namespace AshNotch.Storage.Backups;

/// <summary>Where a copy may be written: over an older copy, but over no log and over nothing else.</summary>
internal static class CopyTarget
{
    private static readonly string[] Companions = ["", "-wal", "-shm", "-mark"];

    /// <summary>Refuses what a copy would destroy.</summary>
    /// <param name="path">Where it is to go.</param>
    /// <param name="log">The log that is copied.</param>
    /// <exception cref="StorageException">It may not go there.</exception>
    public static void ThrowIfUnfit(string path, string log)
    {
        var real = RealPath.Of(path);
        if (Directory.Exists(real))
            throw new StorageException($"{path} is a directory; name a file in it.");
        var home = Path.GetDirectoryName(RealPath.Of(log))!;
        if (IsPartOfALog(real) || Path.GetDirectoryName(real) == home && Path.GetFileName(real) is DataLock.Name or KeepingLock.Name)
            throw new StorageException($"{path} belongs to a log that is in use; a copy there would destroy it. Name another file.");
        if (!File.Exists(real) || new FileInfo(real).Length == 0)
            return;
        try
        {
            DataFile.Look(real);
        }
        catch (StorageException)
        {
            throw new StorageException($"{path} is there and is no copy of a log; name another file, or remove it first.");
        }
    }

    // A data directory holds a log under its own name; a copy somebody calls so lies alone.
    private static bool IsPartOfALog(string real) =>
        Companions.Any(c => Path.GetFileName(real) == DataFile.Name + c)
        && Path.GetDirectoryName(real) is { } directory
        && (
            File.Exists(Path.Combine(directory, DataLock.Name))
            || File.Exists(Path.Combine(directory, KeepingLock.Name))
            || File.Exists(Path.Combine(directory, DataFile.Name + "-mark"))
        );
}
