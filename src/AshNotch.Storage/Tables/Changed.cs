namespace AshNotch.Storage.Tables;

/// <summary>Nothing is put over what was not seen.</summary>
internal static class Changed
{
    /// <summary>Refuses a change made from another version than the one that stands.</summary>
    /// <param name="seen">The version it was made from; null keeps it whatever happened since.</param>
    /// <param name="stands">The version that stands.</param>
    /// <exception cref="StorageException">It is another.</exception>
    public static void ThrowIfSince(int? seen, int stands)
    {
        if (seen is not null && seen != stands)
            throw new StorageException(
                "It was changed in another tab or by another device since you opened it. "
                    + "Nothing was overwritten: look at it as it is now, then change it again.",
                StorageTrouble.Changed
            );
    }
}
