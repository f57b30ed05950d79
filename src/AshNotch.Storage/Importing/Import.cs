namespace AshNotch.Storage.Importing;

/// <summary>A file that was taken in.</summary>
/// <param name="Key">The number by which it is undone.</param>
/// <param name="At">When.</param>
/// <param name="Summary">What it changed, in words.</param>
/// <param name="Undone">It was undone, as far as that went.</param>
/// <param name="Left">How many of its changes are still there to be taken back.</param>
public sealed record Import(long Key, DateTimeOffset At, string Summary, bool Undone, int Left)
{
    /// <summary>There is something to take back.</summary>
    public bool CanBeUndone => Left > 0;
}
