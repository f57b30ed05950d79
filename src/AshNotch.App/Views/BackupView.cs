using AshNotch.Storage.Backups;

namespace AshNotch.App.Views;

/// <summary>A copy of the whole log.</summary>
/// <param name="Name">Its name.</param>
/// <param name="At">When it was made.</param>
/// <param name="Kind">Why: <c>nightly</c>, <c>made</c>, <c>before-restore</c>, <c>before-update-N</c>.</param>
/// <param name="Say">The same in words.</param>
/// <param name="Bytes">Its size.</param>
public sealed record BackupView(string Name, DateTimeOffset At, string Kind, string Say, long Bytes)
{
    /// <summary>The view of a copy.</summary>
    public static BackupView Of(Backup backup) =>
        new(
            backup.Name,
            backup.At,
            backup.Kind,
            backup.Kind switch
            {
                "nightly" => "nightly",
                "made" => "made by you",
                "before-restore" => "before a restore",
                _ => "before an update",
            },
            backup.Bytes
        );
}
