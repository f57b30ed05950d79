using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage.Backups;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

/// <summary>Copies hold everything, are made while others write, are thinned out, and come back.</summary>
public sealed class BackupTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-backup-").FullName;
    private readonly string other = Directory.CreateTempSubdirectory("ash-notch-other-").FullName;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
        Directory.Delete(other, recursive: true);
    }

    [Fact]
    public void One_file_holds_everything_and_brings_it_back_elsewhere()
    {
        var file = Path.Combine(other, "copy.db");
        using (var store = LogStore.Open(directory))
        {
            Save(store, "a", "first");
            Save(store, "a", "second");
            Save(store, "gone", "");
            store.DeleteRoll("gone", Now);
            store.KeepDraft("d", "half told", Now);
            store.KeepSetting("aim", "finish");
            store.SavePartner(new Partner { Id = "p", Name = "Oak" }, Now);
            store.Backup(file);
        }
        using var fresh = LogStore.Open(Path.Combine(other, "data"));
        var before = fresh.Version;
        fresh.Restore(file, Now);
        Assert.True(fresh.Version > before);
        Assert.Equal("second", fresh.Read().Roll("a")!.Roll.Notes);
        Assert.Single(fresh.RollHistory("a"));
        Assert.True(fresh.RestoreRoll("gone", Now));
        Assert.Equal("half told", fresh.Drafts().Single().Body);
        Assert.Equal("finish", fresh.Setting("aim"));
        Assert.Equal("ok", fresh.CheckIntegrity());
    }

    [Fact]
    public void What_a_restore_replaces_is_kept_and_who_holds_the_log_sees_the_change()
    {
        using var store = LogStore.Open(directory);
        using var serving = LogStore.Open(directory);
        Save(store, "a", "then");
        var copy = store.MakeBackup(Now);
        Save(store, "b", "since");
        var held = serving.Snapshot(null);
        var kept = store.RestoreBackup(copy.Name, Now.AddMinutes(1));
        Assert.Equal(["a"], serving.Snapshot(held).Log.Rolls.Select(r => r.Roll.Id));
        Assert.Equal("before-restore", kept.Kind);
        Assert.Equal(2, store.LookInto(kept.Name).Rolls);
        Save(serving, "c", "after");
        Assert.Equal(["a", "c"], store.Read().Rolls.Select(r => r.Roll.Id));
        store.RestoreBackup(kept.Name, Now.AddMinutes(2));
        Assert.Equal(["a", "b"], serving.Snapshot(held).Log.Rolls.Select(r => r.Roll.Id));
    }

    [Fact]
    public async Task A_copy_made_while_others_write_is_of_one_moment()
    {
        using var store = LogStore.Open(directory);
        using var writes = LogStore.Open(directory);
        var writing = Task.Run(
            () =>
            {
                for (var i = 0; i < 60; i++)
                    Save(writes, $"r{i}", "");
            },
            TestContext.Current.CancellationToken
        );
        for (var i = 0; !writing.IsCompleted; i++)
            store.Backup(Path.Combine(other, $"{i}.db"));
        await writing;
        Assert.All(
            Directory.GetFiles(other, "*.db"),
            file =>
            {
                var rolls = BackupContents.Of(file).Rolls;
                using var copy = LogStore.Open(Directory.CreateDirectory(file + "-data").FullName);
                copy.Restore(file, Now);
                Assert.Equal(Enumerable.Range(0, rolls).Select(i => $"r{i}"), copy.Read().Rolls.Select(r => r.Roll.Id));
            }
        );
    }

    [Fact]
    public void What_is_no_copy_of_a_log_replaces_nothing()
    {
        using var store = LogStore.Open(directory);
        Save(store, "a", "");
        var text = Path.Combine(other, "text.db");
        File.WriteAllText(text, "A shopping list that is long enough to be read as a header.");
        var broken = Path.Combine(other, "broken.db");
        store.Backup(broken);
        var bytes = File.ReadAllBytes(broken);
        File.WriteAllBytes(broken, bytes[..(bytes.Length / 2)]);
        foreach (var file in (string[])[text, broken, Path.Combine(other, "nothing.db")])
            Assert.NotEqual(StorageTrouble.Refused, Assert.Throws<StorageException>(() => store.Restore(file, Now)).Trouble);
        Assert.Equal(["a"], store.Read().Rolls.Select(r => r.Roll.Id));
        Assert.DoesNotContain(Directory.GetFiles(directory), f => f.Contains("restoring", StringComparison.Ordinal));
    }

    [Fact]
    public void A_copy_takes_the_place_of_a_log_that_is_damaged_and_the_damaged_file_stays()
    {
        string copy;
        using (var store = LogStore.Open(directory))
        {
            Save(store, "a", "");
            copy = store.MakeBackup(Now).Path;
        }
        var file = Path.Combine(directory, LogStore.FileName);
        File.WriteAllText(file, "no database any more, and long enough");
        Assert.True(LogStore.IsDamaged(directory));
        var aside = LogStore.RestoreOverDamaged(directory, copy, Now);
        Assert.StartsWith("no database", File.ReadAllText(aside!), StringComparison.Ordinal);
        using var again = LogStore.Open(directory);
        Assert.Equal(["a"], again.Read().Rolls.Select(r => r.Roll.Id));
    }

    [Fact]
    public void A_copy_is_made_once_a_night_and_only_of_what_changed()
    {
        using var store = LogStore.Open(directory);
        store.Upkeep(TimeSpan.Zero, Now);
        Assert.Empty(store.Backups());
        Save(store, "a", "");
        store.Upkeep(TimeSpan.Zero, Now);
        store.Upkeep(TimeSpan.Zero, Now.AddHours(5));
        Assert.Single(store.Backups());
        store.Upkeep(TimeSpan.Zero, Now.AddHours(8));
        Assert.Single(store.Backups());
        Save(store, "b", "");
        store.Upkeep(TimeSpan.Zero, Now.AddHours(9));
        Assert.Equal(["nightly", "nightly"], store.Backups().Select(b => b.Kind));
    }

    [Fact]
    public void Seven_days_four_weeks_and_twelve_months_are_kept()
    {
        // A copy each night for two years, up to Sunday the 15th of November 2026.
        var last = new DateTimeOffset(2026, 11, 15, 3, 0, 0, TimeSpan.Zero);
        var made = Enumerable.Range(0, 730).Select(d => last.AddDays(-d)).ToList();
        var kept = Retention.Keep(made, last);
        Assert.Equal(
            [
                "2026-11-15",
                "2026-11-14",
                "2026-11-13",
                "2026-11-12",
                "2026-11-11",
                "2026-11-10",
                "2026-11-09",
                "2026-11-08",
                "2026-11-01",
                "2026-10-31",
                "2026-10-25",
                "2026-09-30",
                "2026-08-31",
                "2026-07-31",
                "2026-06-30",
                "2026-05-31",
                "2026-04-30",
                "2026-03-31",
                "2026-02-28",
                "2026-01-31",
                "2025-12-31",
            ],
            kept.OrderDescending().Select(k => k.ToString("yyyy-MM-dd", null))
        );
    }

    private static void Save(LogStore store, string roll, string notes) =>
        store.SaveRoll(
            new Session
            {
                Id = "s",
                Date = new DateOnly(2026, 3, 2),
                Kind = SessionKind.Class,
            },
            new Roll
            {
                Id = roll,
                Notes = notes,
                Exchanges = [new Exchange { Notches = [new Notch { By = Who.Me, Outcome = Outcome.Tap }] }],
            },
            Now
        );
}
