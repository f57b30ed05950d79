using AshNotch.Storage.Backups;

namespace AshNotch.App.Views;

/// <summary>How it stands with the copies of the log.</summary>
/// <param name="LastGood">When the newest was made that can be used; null where there is none.</param>
/// <param name="Overdue">Why there is no newer one, and should be; null where all is well.</param>
/// <param name="Unfolded">Why the bare file is not whole though nobody writes; null where all is well.</param>
public sealed record CopyStateView(DateTimeOffset? LastGood, string? Overdue, string? Unfolded)
{
    /// <summary>The view of it.</summary>
    public static CopyStateView Of(CopyState state) => new(state.LastGood?.At, state.Overdue ? state.Trouble : null, state.Unfolded);
}
