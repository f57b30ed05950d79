namespace AshNotch.Storage.Files;

/// <summary>What is kept is its owner's alone: directories 0700, files 0600, whatever the umask.</summary>
internal static class Private
{
    private const UnixFileMode OwnerOnly = UnixFileMode.UserRead | UnixFileMode.UserWrite;
    private const UnixFileMode OwnersDirectory = OwnerOnly | UnixFileMode.UserExecute;

    /// <summary>Makes a directory, or mends one that is there, unless it holds other things than ours.</summary>
    public static void Directory(string directory)
    {
        if (OperatingSystem.IsWindows())
        {
            System.IO.Directory.CreateDirectory(directory);
            return;
        }
        if (!System.IO.Directory.Exists(directory))
            System.IO.Directory.CreateDirectory(directory, OwnersDirectory);
        var entries = System.IO.Directory.GetFileSystemEntries(directory);
        // Somebody's home stays as open as they have it.
        if (
            (Path.GetFileName(directory) == Backups.BackupFolder.Name || entries.All(e => IsOurs(Path.GetFileName(e))))
            && System.IO.File.GetUnixFileMode(directory) != OwnersDirectory
        )
            System.IO.File.SetUnixFileMode(directory, OwnersDirectory);
        foreach (var entry in entries.Where(e => IsOurs(Path.GetFileName(e)) && System.IO.File.Exists(e)))
            File(entry);
    }

    /// <summary>Closes a file to others.</summary>
    public static void File(string path)
    {
        if (!OperatingSystem.IsWindows() && System.IO.File.GetUnixFileMode(path) != OwnerOnly)
            System.IO.File.SetUnixFileMode(path, OwnerOnly);
    }

    /// <summary>Makes an empty file that is nobody else's; SQLite gives its companions the same mode.</summary>
    public static void NewFile(string path)
    {
        var options = new FileStreamOptions { Mode = FileMode.CreateNew, Access = FileAccess.Write };
        if (!OperatingSystem.IsWindows())
            options.UnixCreateMode = OwnerOnly;
        new FileStream(path, options).Dispose();
    }

    private static bool IsOurs(string name) =>
        name.StartsWith(DataFile.Name, StringComparison.Ordinal) || name is DataLock.Name or KeepingLock.Name or Backups.BackupFolder.Name;
}
