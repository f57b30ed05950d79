namespace AshNotch.Storage.Files;

/// <summary>What the disk could not do, in words for the person.</summary>
internal static class DiskTrouble
{
    // Of Linux, in errno.h.
    private const int NoSpace = 28;
    private const int OverQuota = 122;

    /// <summary>Says it.</summary>
    /// <param name="e">An <see cref="IOException"/> or <see cref="UnauthorizedAccessException"/>.</param>
    /// <param name="file">The file of the log.</param>
    public static StorageException Of(Exception e, string file) =>
        IsFull(e)
            ? SqliteTrouble.Full(file)
            : new StorageException(
                $"{Path.GetDirectoryName(file)} cannot be used ({e.Message}). Nothing was changed.",
                StorageTrouble.Unusable
            );

    /// <summary>There is no room left.</summary>
    public static bool IsFull(Exception e) => e is IOException && e.HResult is NoSpace or OverQuota;
}
