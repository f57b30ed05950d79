using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage.Backups;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

/// <summary>A file is taken for what it is: with the write-ahead log that belongs to it, and never for an empty log or for a place to write.</summary>
public sealed class WhatAFileIsTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-file-").FullName;

    private string Log => Path.Combine(directory, "log");

    private string Db => Path.Combine(Log, LogStore.FileName);

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }

    [Fact]
    public void A_file_is_restored_with_the_write_ahead_log_beside_it()
    {
        var taken = Path.Combine(directory, "taken");
        Directory.CreateDirectory(taken);
        using (var store = LogStore.Open(Log))
        {
            Save(store, "a");
            store.Upkeep(TimeSpan.Zero, Now);
            for (var i = 0; i < 5; i++)
                Save(store, $"since {i}");
            File.Copy(Db, Path.Combine(taken, "old.db"));
            File.Copy(Db + "-wal", Path.Combine(taken, "old.db-wal"));
        }
        using var fresh = LogStore.Open(Path.Combine(directory, "fresh"));
        fresh.Restore(Path.Combine(taken, "old.db"), Now);
        Assert.Equal(6, fresh.Read().Rolls.Count());
        Assert.Equal(["old.db", "old.db-wal"], Directory.GetFiles(taken).Select(Path.GetFileName).Order());
    }

    [Theory]
    [InlineData("copies")]
    [InlineData("a write-ahead log")]
    [InlineData("a mark")]
    public void A_log_that_is_gone_is_not_replaced_by_an_empty_one(string sign)
    {
        var copy = Path.Combine(directory, "copy.db");
        using (var store = LogStore.Open(Log))
        {
            Save(store, "a");
            store.Backup(copy);
        }
        SqliteConnection.ClearAllPools();
        foreach (var file in Directory.GetFiles(Log))
            File.Delete(file);
        if (sign == "copies")
        {
            Directory.CreateDirectory(Path.Combine(Log, "backups"));
            File.Copy(copy, Path.Combine(Log, "backups", "ash-notch-20260302-200000-nightly.db"));
        }
        else
        {
            File.WriteAllText(sign == "a mark" ? Db + "-mark" : Db + "-wal", "something");
        }
        var told = Assert.Throws<StorageException>(() => LogStore.Open(Log));
        Assert.Equal(StorageTrouble.Damaged, told.Trouble);
        Assert.Contains("is missing", told.Message, StringComparison.Ordinal);
        Assert.False(File.Exists(Db));
        Assert.Null(LogStore.RestoreOverDamaged(Log, copy, Now));
        using var back = LogStore.Open(Log);
        Assert.Equal(["a"], back.Read().Rolls.Select(r => r.Roll.Id));
    }

    [Theory]
    [InlineData("log/ash-notch.db")]
    [InlineData("log/ash-notch.db-wal")]
    [InlineData("log/ash-notch.db-mark")]
    [InlineData("log/serve.lock")]
    [InlineData("log/../log/ash-notch.db")]
    [InlineData("by another way/ash-notch.db")]
    [InlineData("linked.db")]
    [InlineData("another log/ash-notch.db")]
    [InlineData("log")]
    [InlineData("thesis.txt")]
    public void No_copy_is_written_over_a_log_or_over_anything_but_a_copy(string target)
    {
        using (var another = LogStore.Open(Path.Combine(directory, "another log")))
            Save(another, "theirs");
        File.WriteAllText(Path.Combine(directory, "thesis.txt"), "Two hundred pages.");
        using var store = LogStore.Open(Log);
        Save(store, "a");
        Directory.CreateSymbolicLink(Path.Combine(directory, "by another way"), Log);
        File.CreateSymbolicLink(Path.Combine(directory, "linked.db"), Db);
        var path = Path.Combine(directory, target);
        var was = File.Exists(path) && !path.EndsWith("-wal", StringComparison.Ordinal) ? File.ReadAllBytes(path) : null;
        Assert.Equal(StorageTrouble.Refused, Assert.Throws<StorageException>(() => store.Backup(path)).Trouble);
        if (was is not null)
            Assert.Equal(was, File.ReadAllBytes(path));
        Save(store, "b");
        Assert.Equal(2, store.Read().Rolls.Count());
    }

    [Fact]
    public void A_copy_may_replace_an_older_one_or_an_empty_file()
    {
        using var store = LogStore.Open(Log);
        Save(store, "a");
        var copy = Path.Combine(directory, "copy.db");
        File.WriteAllText(copy, "");
        store.Backup(copy);
        Save(store, "b");
        store.Backup(copy);
        Assert.Equal(2, BackupContents.Of(copy).Rolls);
    }

    [Fact]
    public void The_log_is_not_put_in_its_own_place()
    {
        using var store = LogStore.Open(Log);
        Save(store, "a");
        Assert.Equal(StorageTrouble.Refused, Assert.Throws<StorageException>(() => store.Restore(Db, Now)).Trouble);
        Assert.Empty(store.Backups());
    }

    [Theory]
    [InlineData("UPDATE setting SET value = 'poinus' WHERE name = 'aim'")]
    [InlineData("UPDATE setting SET name = 'aym' WHERE name = 'aim'")]
    [InlineData("UPDATE setting SET value = CAST(x'706fff' AS TEXT) WHERE name = 'aim'")]
    [InlineData("UPDATE roll_history SET document = replace(document, '{', '[')")]
    [InlineData("UPDATE roll_history SET document = replace(document, 'landed', 'lanbed')")]
    [InlineData("UPDATE roll_history SET changed_at = 'the day before'")]
    [InlineData("UPDATE partner_history SET document = 'x'")]
    [InlineData("UPDATE partner_history SET changed_at = ''")]
    [InlineData("UPDATE partner_merge SET gone_was = '{'")]
    [InlineData("UPDATE partner_merge SET kept_was = 'null'")]
    [InlineData("UPDATE partner_merge SET rolls = 'r1'")]
    [InlineData("UPDATE partner_merge SET merged_at = '2026-99-99'")]
    [InlineData("UPDATE draft SET updated_at = 'soon'")]
    [InlineData("UPDATE draft SET body = CAST(x'68ff' AS TEXT)")]
    [InlineData("UPDATE import SET at = 'then'")]
    [InlineData("UPDATE import_change SET before = '{' WHERE before IS NOT NULL")]
    [InlineData("UPDATE import_change SET after = 'z' || substr(after, 2)")]
    [InlineData("UPDATE partner SET traits = '[1'")]
    [InlineData("UPDATE roll SET notes = CAST(x'c328' AS TEXT)")]
    public void The_check_looks_into_everything_that_is_kept(string damage)
    {
        using (var store = LogStore.Open(Log))
        {
            Full(store);
            Assert.Equal("ok", store.CheckIntegrity());
        }
        using (var connection = new SqliteConnection($"Data Source={Db};Pooling=false"))
        {
            connection.Open();
            Assert.NotEqual(0, Tables.Rows.Run(connection, damage));
        }
        using var again = LogStore.Open(Log);
        Assert.NotEqual("ok", again.CheckIntegrity());
    }

    [Theory]
    [InlineData("a;b")]
    [InlineData("half#time")]
    [InlineData("100%41?x=1&y")]
    [InlineData("o'clock \"sharp\"")]
    [InlineData("tatami 畳")]
    public void A_directory_may_be_called_anything(string name)
    {
        using var store = LogStore.Open(Path.Combine(directory, name));
        Save(store, "a");
        store.Upkeep(TimeSpan.Zero, Now);
        var copy = Assert.Single(store.Backups());
        Assert.Equal(1, store.LookInto(copy.Name).Rolls);
        store.RestoreBackup(copy.Name, Now);
        Assert.True(store.Copies().LastGood is not null);
    }

    private static void Full(LogStore store)
    {
        Save(store, "a");
        Save(store, "b");
        store.SaveRoll(
            new Session { Id = "s" },
            new Roll
            {
                Id = "a",
                Notes = "now",
                Exchanges = [new Exchange { Notches = [new Notch { By = Who.Me, Outcome = Outcome.Landed }] }],
            },
            Now
        );
        Save(store, "a");
        store.SavePartner(new Partner { Id = "oak", Name = "Oak" }, Now);
        store.SavePartner(
            new Partner
            {
                Id = "oak",
                Name = "Oak",
                Notes = "left-handed",
            },
            Now
        );
        store.SavePartner(new Partner { Id = "oak-2", Name = "Oak the tall" }, Now);
        store.MergePartners("oak-2", "oak", Now);
        store.KeepDraft("d", "half told", Now);
        store.KeepSetting("aim", "points");
        store.Import(
            store.Read() with
            {
                Partners = [new Partner { Id = "ash", Name = "Ash" }],
                Sessions = [new Session { Id = "s", Notes = "from a file" }],
            },
            Now,
            new Importing.ImportChoice(true, new HashSet<string>(), new HashSet<string>())
        );
    }

    private static void Save(LogStore store, string roll) =>
        store.SaveRoll(new Session { Id = "s", Date = new DateOnly(2026, 3, 2) }, new Roll { Id = roll }, Now);
}
