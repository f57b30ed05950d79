namespace AshNotch.Storage.Backups;

/// <summary>How it stands with the copies.</summary>
/// <param name="LastGood">The newest that can be used; null where there is none.</param>
/// <param name="Current">Nothing was changed since it was made.</param>
/// <param name="Trouble">Why the last try to make one came to nothing; null where it did not.</param>
/// <param name="Unfolded">Why the write-ahead log could not be folded into the file; null where it could.</param>
public sealed record CopyState(Backup? LastGood, bool Current, string? Trouble, string? Unfolded)
{
    /// <summary>There should be a newer one, and there could be none.</summary>
    public bool Overdue => Trouble is not null && !Current;
}
