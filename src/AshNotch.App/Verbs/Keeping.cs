using AshNotch.Storage;

namespace AshNotch.App.Verbs;

/// <summary><c>backup</c>, <c>restore</c> and <c>check</c>.</summary>
internal static class Keeping
{
    public static int Backup(string file, string? data, Output output)
    {
        using var store = ImportExport.Open(data);
        store.Backup(file);
        output.Say($"Everything is in {Path.GetFullPath(file)}.");
        return 0;
    }

    public static int Restore(string file, string? data, Output output)
    {
        if (!File.Exists(file))
            throw new StorageException($"there is no file {file}.");
        var directory = data ?? DataDirectory.Own;
        var now = DateTimeOffset.UtcNow;
        try
        {
            using var store = LogStore.Open(directory);
            var kept = store.Restore(file, now);
            output.Say($"{file} is in the place of the log. What stood there is kept in {kept.Path}.");
        }
        catch (StorageException e) when (e.Trouble == StorageTrouble.Damaged && LogStore.IsDamaged(directory))
        {
            output.Say(
                LogStore.RestoreOverDamaged(directory, file, now) is { } damaged
                    ? $"{file} is in the place of the log. The damaged file is kept as {damaged}."
                    : $"{file} is in the place of the log that was missing."
            );
        }
        return 0;
    }

    public static int Check(string? data, Output output)
    {
        using var store = ImportExport.Open(data);
        var said = store.CheckIntegrity();
        output.Say(said == "ok" ? "The file is sound." : said);
        return said == "ok" ? 0 : 1;
    }
}
