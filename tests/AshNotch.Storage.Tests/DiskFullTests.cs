using System.Diagnostics;
using AshNotch.Core.Rolls;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

/// <summary>A disk that really is full: a file system of one megabyte, made for the test where that is allowed.</summary>
public sealed class DiskFullTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-full-").FullName;
    private readonly bool small;

    public DiskFullTests() => small = Ran("mount", "-t", "tmpfs", "-o", "size=1m", "none", directory);

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        if (small)
            Ran("umount", directory);
        Directory.Delete(directory, recursive: true);
    }

    [Fact]
    public void What_was_acknowledged_is_there_what_was_refused_is_not_and_room_made_is_used()
    {
        Assert.SkipUnless(small, "No file system of one megabyte can be made here: that takes the rights to mount one.");
        var data = Path.Combine(directory, "log");
        var ballast = Path.Combine(directory, "ballast");
        File.WriteAllBytes(ballast, new byte[200_000]);
        var kept = new List<string>();
        using (var store = LogStore.Open(data))
        {
            StorageException? refused = null;
            for (var i = 0; refused is null; i++)
            {
                try
                {
                    store.SaveRoll(new Session { Id = "s" }, new Roll { Id = $"r{i}", Notes = new string('x', 8_000) }, Now);
                    kept.Add($"r{i}");
                }
                catch (StorageException e)
                {
                    refused = e;
                }
            }
            Assert.Equal(StorageTrouble.Full, refused.Trouble);
            Assert.Contains("is full", refused.Message, StringComparison.Ordinal);
            Assert.NotEmpty(kept);
            Assert.Equal(kept, store.Read().Rolls.Select(r => r.Roll.Id));
            File.Delete(ballast);
            store.SaveRoll(new Session { Id = "s" }, new Roll { Id = "after" }, Now);
        }
        SqliteConnection.ClearAllPools();
        using var again = LogStore.Open(data);
        Assert.Equal("ok", again.CheckIntegrity());
        Assert.Equal([.. kept, "after"], again.Read().Rolls.Select(r => r.Roll.Id));
    }

    [Fact]
    public void A_copy_put_back_on_a_full_disk_says_that_the_disk_is_full_and_replaces_nothing()
    {
        Assert.SkipUnless(small, "No file system of one megabyte can be made here: that takes the rights to mount one.");
        var copy = Path.GetTempFileName();
        using (var store = LogStore.Open(Path.Combine(directory, "log")))
        {
            store.SaveRoll(new Session { Id = "s" }, new Roll { Id = "then", Notes = new string('x', 60_000) }, Now);
            store.Backup(copy);
            store.SaveRoll(new Session { Id = "s" }, new Roll { Id = "now" }, Now);
            File.WriteAllBytes(Path.Combine(directory, "ballast"), new byte[Room() - 90_000]);
            var told = Assert.Throws<StorageException>(() => store.Restore(copy, Now));
            Assert.Equal(StorageTrouble.Full, told.Trouble);
            Assert.Contains(directory, told.Message, StringComparison.Ordinal);
            Assert.Equal(["then", "now"], store.Read().Rolls.Select(r => r.Roll.Id));
        }
        File.Delete(copy);
    }

    private int Room() => (int)new DriveInfo(directory).AvailableFreeSpace;

    private static bool Ran(string command, params string[] arguments)
    {
        try
        {
            using var run = Process.Start(new ProcessStartInfo(command, arguments) { RedirectStandardError = true })!;
            run.StandardError.ReadToEnd();
            run.WaitForExit();
            return run.ExitCode == 0;
        }
        catch (System.ComponentModel.Win32Exception)
        {
            return false;
        }
    }
}
