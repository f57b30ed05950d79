using AshNotch.Core.Rolls;
using AshNotch.Storage.Backups;
using AshNotch.Storage.Files;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

/// <summary>Several who use one directory: whatever is acknowledged to one is not lost through another.</summary>
public sealed class TogetherTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-together-").FullName;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }

    [Fact]
    public async Task What_is_saved_while_a_copy_is_put_back_is_in_the_log_or_in_the_copy_made_before()
    {
        using var saving = LogStore.Open(directory);
        using var restoring = LogStore.Open(directory);
        Save(saving, "first");
        var copy = restoring.MakeBackup(Now).Path;
        var acknowledged = new List<string>();
        using var enough = new CancellationTokenSource();
        var saves = Task.Run(
            () =>
            {
                for (var i = 0; !enough.IsCancellationRequested; i++)
                {
                    Save(saving, $"r{i}");
                    acknowledged.Add($"r{i}");
                }
            },
            TestContext.Current.CancellationToken
        );
        var kept = new List<string>();
        var seen = new List<long>();
        for (var i = 0; i < 5; i++)
        {
            kept.Add(restoring.Restore(copy, Now.AddMinutes(i)).Path);
            seen.Add(saving.Version);
        }
        await enough.CancelAsync();
        await saves;
        Assert.NotEmpty(acknowledged);
        var there = Ids(restoring.Read());
        foreach (var path in kept)
        {
            using var old = DataFile.ConnectTo(path);
            there.UnionWith(Tables.Rows.Query(old, "SELECT id FROM roll").Select(row => row.GetString(0)));
        }
        Assert.DoesNotContain(acknowledged, id => !there.Contains(id));
        // Who holds the log in memory sees each as a change, and what it holds then is what is there.
        Assert.Equal(seen.Order().Distinct(), seen);
        Assert.Equal(Ids(restoring.Read()), Ids(saving.Snapshot(null).Log));
        Assert.Equal("ok", saving.CheckIntegrity());
    }

    [Fact]
    public void Copies_asked_for_at_once_are_each_whole_and_each_their_own()
    {
        using var one = LogStore.Open(directory);
        using var other = LogStore.Open(directory);
        for (var i = 0; i < 40; i++)
            Save(one, $"r{i}");
        var made = Enumerable
            .Range(0, 12)
            .AsParallel()
            .WithDegreeOfParallelism(12)
            .Select(i =>
            {
                var copy = (i % 2 == 0 ? one : other).MakeBackup(Now);
                return (copy.Name, BackupContents.Of(copy.Path).Rolls, copy.Bytes);
            })
            .ToList();
        Assert.Equal(12, made.Select(m => m.Name).Distinct().Count());
        Assert.All(made, m => Assert.Equal(40, m.Rolls));
        Assert.Equal(12, one.Backups().Count);
        Assert.Empty(Left());
    }

    [Fact]
    public void What_a_killed_copy_or_restore_left_is_cleared_away()
    {
        using (var store = LogStore.Open(directory))
        {
            Save(store, "a");
            store.MakeBackup(Now);
        }
        var elsewhere = Directory.CreateTempSubdirectory("ash-notch-elsewhere-").FullName;
        string[] left =
        [
            Path.Combine(elsewhere, "copy.db.half-0123"),
            Path.Combine(directory, "backups", "ash-notch-20260302-200000-made.db.half-4567"),
            Path.Combine(directory, "backups", "ash-notch-20260302-200000-made.db-new-99"),
            Path.Combine(directory, "ash-notch.db-restoring-99"),
        ];
        foreach (var file in left)
            File.WriteAllText(file, "half of it");
        var others = Path.Combine(directory, "backups", "notes of mine.txt");
        File.WriteAllText(others, "mine");
        // The lock says what was being made when its holder was killed.
        File.WriteAllText(Path.Combine(directory, KeepingLock.Name), left[0]);
        using (var again = LogStore.Open(directory))
            Assert.Single(again.Backups());
        Assert.DoesNotContain(left, File.Exists);
        Assert.True(File.Exists(others));
        Directory.Delete(elsewhere, recursive: true);
    }

    [Fact]
    public void The_lock_cannot_be_made_to_remove_what_is_no_half_made_file()
    {
        using (LogStore.Open(directory)) { }
        var precious = Path.Combine(directory, "precious.txt");
        File.WriteAllText(precious, "mine");
        File.WriteAllText(Path.Combine(directory, KeepingLock.Name), precious);
        using (LogStore.Open(directory)) { }
        Assert.Equal("mine", File.ReadAllText(precious));
    }

    [Fact]
    public void Who_keeps_the_lock_is_waited_for_and_then_told_of()
    {
        using var store = LogStore.Open(directory);
        Save(store, "a");
        using (KeepingLock.Take(directory, TimeSpan.Zero))
        {
            Assert.Equal(
                StorageTrouble.Busy,
                Assert.Throws<StorageException>(() => KeepingLock.Take(directory, TimeSpan.FromMilliseconds(50))).Trouble
            );
            // What is done between saves waits for another time, and saves do not wait at all.
            store.Upkeep(TimeSpan.Zero, Now);
            Assert.Empty(store.Backups());
            Save(store, "b");
        }
        store.Upkeep(TimeSpan.Zero, Now);
        Assert.Equal(2, store.LookInto(Assert.Single(store.Backups()).Name).Rolls);
    }

    [Fact]
    public void A_version_is_never_used_again_after_a_copy_was_put_back()
    {
        using var store = LogStore.Open(directory);
        Save(store, "a");
        var copy = store.MakeBackup(Now).Path;
        Save(store, "a", "second");
        Save(store, "a", "third");
        var stale = store.RollVersion("a");
        store.Restore(copy, Now);
        Assert.True(store.RollVersion("a") > stale);
        Save(store, "a", "newer");
        Save(store, "a", "newer still");
        var told = Assert.Throws<StorageException>(() =>
            store.Keep(
                new RollsToKeep { Rolls = [new Roll { Id = "a", Notes = "from a page that was open all the time" }], Version = stale },
                Now
            )
        );
        Assert.Equal(StorageTrouble.Changed, told.Trouble);
        Assert.Equal("newer still", store.Read().Roll("a")!.Roll.Notes);
    }

    [Fact]
    public void Nor_after_one_was_put_back_by_hand_and_the_log_beside_it_is_not_mixed_in()
    {
        int stale;
        var kept = directory + "-kept";
        Directory.CreateDirectory(kept);
        using (var store = LogStore.Open(directory))
        {
            Save(store, "a");
            store.Backup(Path.Combine(kept, "copy.db"));
            for (var i = 0; i < 3; i++)
                Save(store, "a", $"later {i}");
            stale = store.RollVersion("a");
            foreach (var file in Directory.GetFiles(directory, "ash-notch.db*"))
                File.Copy(file, Path.Combine(kept, Path.GetFileName(file)));
        }
        SqliteConnection.ClearAllPools();
        // As a program that was killed leaves it, and a copy put over it.
        foreach (var file in Directory.GetFiles(kept, "ash-notch.db*"))
            File.Copy(file, Path.Combine(directory, Path.GetFileName(file)), overwrite: true);
        Assert.True(new FileInfo(Path.Combine(directory, "ash-notch.db-wal")).Length > 0);
        File.Copy(Path.Combine(kept, "copy.db"), Path.Combine(directory, "ash-notch.db"), overwrite: true);
        using (var again = LogStore.Open(directory))
        {
            Assert.Equal("", again.Read().Roll("a")!.Roll.Notes);
            Assert.True(again.RollVersion("a") > stale);
            Assert.Equal("ok", again.CheckIntegrity());
        }
        Directory.Delete(kept, recursive: true);
    }

    [Fact]
    public void The_same_copy_put_back_by_hand_twice_is_not_mixed_with_what_was_saved_between()
    {
        var copy = directory + "-copy.db";
        using (var store = LogStore.Open(directory))
        {
            Save(store, "a");
            store.Backup(copy);
        }
        for (var time = 0; time < 2; time++)
        {
            SqliteConnection.ClearAllPools();
            File.Copy(copy, Path.Combine(directory, "ash-notch.db"), overwrite: true);
            var left = directory + $"-left-{time}";
            Directory.CreateDirectory(left);
            using (var store = LogStore.Open(directory))
            {
                Assert.Equal(["a"], store.Read().Rolls.Select(r => r.Roll.Id));
                Save(store, $"since-{time}");
                foreach (var file in Directory.GetFiles(directory, "ash-notch.db*"))
                    File.Copy(file, Path.Combine(left, Path.GetFileName(file)));
            }
            SqliteConnection.ClearAllPools();
            // As a program that was killed leaves it.
            foreach (var file in Directory.GetFiles(left))
                File.Move(file, Path.Combine(directory, Path.GetFileName(file)), overwrite: true);
            Directory.Delete(left);
        }
        File.Delete(copy);
    }

    private IEnumerable<string> Left() =>
        Directory.EnumerateFiles(directory, "*", SearchOption.AllDirectories).Where(f => f.Contains(".half-", StringComparison.Ordinal));

    private static HashSet<string> Ids(Log log) => [.. log.Rolls.Select(r => r.Roll.Id)];

    private static void Save(LogStore store, string roll, string notes = "") =>
        store.SaveRoll(new Session { Id = "s", Date = new DateOnly(2026, 3, 2) }, new Roll { Id = roll, Notes = notes }, Now);
}
