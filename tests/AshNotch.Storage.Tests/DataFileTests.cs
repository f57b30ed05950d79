using AshNotch.Core.Rolls;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

/// <summary>The file: whose it is, what is refused, what is noticed when it is taken away, and which write-ahead log belongs to it.</summary>
public sealed class DataFileTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-file-").FullName;

    private string File => Path.Combine(directory, LogStore.FileName);

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        if (Directory.Exists(directory))
            Directory.Delete(directory, recursive: true);
    }

    [Fact]
    public void What_is_kept_is_its_owners_alone_and_old_files_are_mended()
    {
        if (OperatingSystem.IsWindows())
            return;
        var data = Path.Combine(directory, "data");
        using (var held = DataLock.Take(data))
        using (var store = LogStore.Open(data))
        {
            Save(store, "a");
            Assert.Equal((UnixFileMode)0b111_000_000, Mode(data));
            Assert.All(Directory.GetFiles(data), f => Assert.Equal((UnixFileMode)0b110_000_000, Mode(f)));
            Assert.Contains(Directory.GetFiles(data), f => f.EndsWith("-wal", StringComparison.Ordinal));
            store.MakeBackup(Now);
        }
        var backups = Path.Combine(data, "backups");
        System.IO.File.SetUnixFileMode(backups, (UnixFileMode)0b111_101_101);
        System.IO.File.SetUnixFileMode(Directory.GetFiles(backups).Single(), (UnixFileMode)0b110_100_100);
        System.IO.File.SetUnixFileMode(data, (UnixFileMode)0b111_101_101);
        System.IO.File.SetUnixFileMode(Path.Combine(data, LogStore.FileName), (UnixFileMode)0b110_100_100);
        LogStore.Open(data).Dispose();
        Assert.Equal((UnixFileMode)0b111_000_000, Mode(data));
        Assert.Equal((UnixFileMode)0b110_000_000, Mode(Path.Combine(data, LogStore.FileName)));
        Assert.Equal((UnixFileMode)0b111_000_000, Mode(backups));
        Assert.Equal((UnixFileMode)0b110_000_000, Mode(Directory.GetFiles(backups).Single()));
    }

    [Fact]
    public void A_directory_that_holds_other_things_stays_as_open_as_it_is()
    {
        if (OperatingSystem.IsWindows())
            return;
        System.IO.File.WriteAllText(Path.Combine(directory, "letter.txt"), "mine");
        System.IO.File.SetUnixFileMode(directory, (UnixFileMode)0b111_101_101);
        LogStore.Open(directory).Dispose();
        Assert.Equal((UnixFileMode)0b111_101_101, Mode(directory));
        Assert.Equal((UnixFileMode)0b110_000_000, Mode(File));
    }

    [Theory]
    [InlineData("nothing", "it is empty")]
    [InlineData("text", "does not begin as a database")]
    [InlineData("cut", "is damaged")]
    [InlineData("zeros in the middle", "is damaged")]
    [InlineData("another database", "holds no log")]
    [InlineData("a table gone", "table takeaway is missing")]
    [InlineData("a table of another shape", "table setting is missing or not as it should be")]
    public void A_damaged_file_is_refused_left_as_it_is_and_the_newest_backup_is_named(string how, string said)
    {
        string backup;
        using (var store = LogStore.Open(directory))
        {
            for (var i = 0; i < 60; i++)
                Save(store, $"r{i}");
            backup = store.MakeBackup(Now).Name;
        }
        Damage(how);
        var before = System.IO.File.ReadAllBytes(File);
        var refused = Assert.Throws<StorageException>(() => LogStore.Open(directory));
        Assert.Equal(StorageTrouble.Damaged, refused.Trouble);
        Assert.Contains(said, refused.Message, StringComparison.Ordinal);
        Assert.Contains($"{backup} --data {directory}", refused.Message, StringComparison.Ordinal);
        Assert.Contains(".recover", refused.Message, StringComparison.Ordinal);
        Assert.Equal(before, System.IO.File.ReadAllBytes(File));
    }

    [Fact]
    public void A_term_that_is_none_is_refused_when_it_is_read()
    {
        using (var store = LogStore.Open(directory))
            Save(store, "a");
        Run("UPDATE roll SET kind = 'waltz'");
        using var again = LogStore.Open(directory);
        Assert.Equal(StorageTrouble.Damaged, Assert.Throws<StorageException>(again.Read).Trouble);
        Assert.Contains("waltz", again.CheckIntegrity(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("removed")]
    [InlineData("replaced")]
    [InlineData("moved")]
    public void A_directory_taken_away_while_serving_is_noticed_at_the_next_save(string how)
    {
        using var store = LogStore.Open(directory);
        Save(store, "a");
        if (how == "moved")
            Directory.Move(directory, directory + "-moved");
        else
            Directory.Delete(directory, recursive: true);
        if (how == "replaced")
            LogStore.Open(directory).Dispose();
        Assert.Equal(StorageTrouble.Unusable, Assert.Throws<StorageException>(() => Save(store, "b")).Trouble);
        if (how == "moved")
            Directory.Delete(directory + "-moved", recursive: true);
    }

    [Theory]
    [InlineData("")]
    [InlineData("  ")]
    [InlineData("/proc/nowhere")]
    [InlineData("/dev/null")]
    public void A_directory_that_cannot_be_one_is_refused_in_words(string directory)
    {
        var refused = Assert.Throws<StorageException>(() => LogStore.Open(directory));
        Assert.Equal(StorageTrouble.Unusable, refused.Trouble);
        Assert.Contains("--data", refused.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void An_older_copy_put_back_beside_the_log_of_a_crash_is_not_mixed_with_it()
    {
        var copy = Path.Combine(directory, "copy");
        Crash(
            store =>
            {
                Save(store, "kept");
                store.Upkeep(TimeSpan.Zero, Now);
                System.IO.File.Copy(File, copy);
            },
            store =>
            {
                Save(store, "more");
                store.Upkeep(TimeSpan.Zero, Now);
                Save(store, "in the log of the crash");
            }
        );
        System.IO.File.Copy(copy, File, overwrite: true);
        using var again = LogStore.Open(directory);
        Assert.Equal(["kept"], again.Read().Rolls.Select(r => r.Roll.Id));
        Assert.Equal("ok", again.CheckIntegrity());
        Assert.Single(Directory.GetFiles(directory, "*-wal-stale-*"));
    }

    [Fact]
    public void The_log_of_a_crash_is_taken_up_by_its_own_file()
    {
        Crash(store =>
        {
            Save(store, "kept");
            store.Upkeep(TimeSpan.Zero, Now);
            Save(store, "in the log of the crash");
        });
        using var again = LogStore.Open(directory);
        Assert.Equal(2, again.Read().Rolls.Count());
    }

    [Fact]
    public void The_bare_file_is_whole_once_nobody_has_written_for_a_while()
    {
        using var store = LogStore.Open(directory);
        Save(store, "a");
        store.Upkeep(TimeSpan.Zero, Now);
        var bare = Directory.CreateTempSubdirectory("ash-notch-bare-").FullName;
        System.IO.File.Copy(File, Path.Combine(bare, LogStore.FileName));
        using (var copied = LogStore.Open(bare))
            Assert.Equal(["a"], copied.Read().Rolls.Select(r => r.Roll.Id));
        Directory.Delete(bare, recursive: true);
    }

    // What a killed program leaves: the files as they are while it runs, its write-ahead log among them.
    private void Crash(params Action<LogStore>[] steps)
    {
        var left = directory + "-left";
        using (var store = LogStore.Open(directory))
        {
            foreach (var step in steps)
                step(store);
            Directory.CreateDirectory(left);
            foreach (var file in Directory.GetFiles(directory))
                System.IO.File.Copy(file, Path.Combine(left, Path.GetFileName(file)));
        }
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
        Directory.Move(left, directory);
    }

    private void Damage(string how)
    {
        var bytes = System.IO.File.ReadAllBytes(File);
        switch (how)
        {
            case "nothing":
                System.IO.File.WriteAllBytes(File, []);
                break;
            case "text":
                System.IO.File.WriteAllText(File, "This was a shopping list, and is no database of anybody's.");
                break;
            case "cut":
                System.IO.File.WriteAllBytes(File, bytes[..(bytes.Length / 2)]);
                break;
            case "zeros in the middle":
                Array.Clear(bytes, bytes.Length / 2, 20_000);
                System.IO.File.WriteAllBytes(File, bytes);
                break;
            case "another database":
                System.IO.File.Delete(File);
                Run("CREATE TABLE recipe (name TEXT)");
                break;
            case "a table gone":
                Run("DROP TABLE takeaway");
                break;
            default:
                Run("ALTER TABLE setting ADD COLUMN more TEXT");
                break;
        }
    }

    private void Run(string sql)
    {
        using var connection = new SqliteConnection($"Data Source={File};Pooling=false");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }

    private static UnixFileMode Mode(string path) => OperatingSystem.IsWindows() ? 0 : System.IO.File.GetUnixFileMode(path);

    private static void Save(LogStore store, string roll) =>
        store.SaveRoll(
            new Session { Id = "s", Date = new DateOnly(2026, 3, 2) },
            new Roll { Id = roll, Notes = new string('n', 800) },
            Now
        );
}
