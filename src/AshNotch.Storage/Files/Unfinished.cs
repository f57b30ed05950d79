namespace AshNotch.Storage.Files;

/// <summary>A file that is being made: it has a name of its own until it is whole, and is gone if that never comes.</summary>
internal sealed class Unfinished : IDisposable
{
    private const string Sign = ".half-";

    private Unfinished(string path) => Path = path;

    /// <summary>Where it is being made.</summary>
    public string Path { get; }

    /// <summary>Begins one beside where it will be.</summary>
    /// <param name="path">Where it will be.</param>
    /// <param name="held">Notes it for whoever comes next, should this program be killed.</param>
    public static Unfinished Begin(string path, KeepingLock held)
    {
        var half = new Unfinished($"{path}{Sign}{Guid.NewGuid():N}");
        held.Note(half.Path);
        Private.NewFile(half.Path);
        return half;
    }

    /// <summary>It was left by a program that was killed.</summary>
    public static bool IsOne(string path) => System.IO.Path.GetFileName(path).Contains(Sign, StringComparison.Ordinal);

    /// <summary>Removes it and what SQLite may have put beside it.</summary>
    public static void Remove(string path)
    {
        foreach (var left in (string[])[path, path + "-journal", path + "-wal", path + "-shm"])
            File.Delete(left);
    }

    /// <summary>Clears away what was left in a directory; to be called by who holds its lock, so that nothing is being made there.</summary>
    public static void RemoveAll(string directory)
    {
        if (!Directory.Exists(directory))
            return;
        foreach (var left in Directory.EnumerateFiles(directory).Where(f => IsOne(f) || IsOfBefore(System.IO.Path.GetFileName(f))).ToList())
            File.Delete(left);
    }

    /// <summary>Gives it its name; it is on the disk under that name when this returns.</summary>
    public void Finish(string path, bool overwrite)
    {
        using (var written = new FileStream(Path, FileMode.Open, FileAccess.ReadWrite))
            written.Flush(flushToDisk: true);
        File.Move(Path, path, overwrite);
        Synced.Directory(System.IO.Path.GetDirectoryName(path)!);
    }

    /// <inheritdoc/>
    public void Dispose() => Remove(Path);

    // As earlier versions of the program named them.
    private static bool IsOfBefore(string name) =>
        name.Contains(".db-new-", StringComparison.Ordinal)
        || name.Contains(".db-forgetting-", StringComparison.Ordinal)
        || name.StartsWith(DataFile.Name + "-restoring-", StringComparison.Ordinal);
}
