using System.Runtime.InteropServices;

namespace AshNotch.Storage.Files;

/// <summary>A new name is on the disk only when its directory is; .NET has no call for that.</summary>
internal static partial class Synced
{
    private const int ReadOnly = 0;

    /// <summary>Waits until the names in a directory are on the disk. Where the system cannot do that, nothing is lost by going on.</summary>
    public static void Directory(string directory)
    {
        if (!OperatingSystem.IsLinux())
            return;
        var opened = Open(directory, ReadOnly);
        if (opened < 0)
            return;
        _ = Sync(opened);
        _ = Close(opened);
    }

    [LibraryImport("libc", EntryPoint = "open", StringMarshalling = StringMarshalling.Utf8)]
    private static partial int Open(string path, int flags);

    [LibraryImport("libc", EntryPoint = "fsync")]
    private static partial int Sync(int opened);

    [LibraryImport("libc", EntryPoint = "close")]
    private static partial int Close(int opened);
}
