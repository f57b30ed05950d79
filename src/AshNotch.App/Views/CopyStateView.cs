using AshNotch.Storage.Backups;

namespace AshNotch.App.Views;

/// <summary>How it stands with the copies of the log.</summary>
/// <param name="LastGood">When the newest was made that can be used; null where there is none.</param>
/// <param name="Overdue">Why there is no newer one, and should be; null where all is well.</param>
public sealed record CopyStateView(DateTimeOffset? LastGood, string? Overdue)
{
    /// <summary>The view of it.</summary>
    public static CopyStateView Of(CopyState state) => new(state.LastGood?.At, state.Overdue ? state.Trouble : null);
}
