using AshNotch.Storage.Files;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

/// <summary>What SQLite could not do is told apart: a full disk from a lock, a lock from damage (result codes of sqlite.org/rescode.html).</summary>
public class SqliteTroubleTests
{
    [Theory]
    [InlineData(13, StorageTrouble.Full, "is full")]
    [InlineData(5, StorageTrouble.Busy, "try again")]
    [InlineData(6, StorageTrouble.Busy, "try again")]
    [InlineData(8, StorageTrouble.Unusable, "cannot be written")]
    [InlineData(10, StorageTrouble.Unusable, "disk I/O error")]
    [InlineData(14, StorageTrouble.Unusable, "unable to open")]
    [InlineData(11, StorageTrouble.Damaged, "is damaged")]
    [InlineData(26, StorageTrouble.Damaged, "is damaged")]
    public void Each_is_said_in_its_own_words(int code, StorageTrouble trouble, string said)
    {
        var words = code switch
        {
            10 => "disk I/O error",
            14 => "unable to open database file",
            _ => "something",
        };
        var told = SqliteTrouble.Of(new SqliteException($"SQLite Error {code}: '{words}'.", code), "/data/ash-notch.db");
        Assert.Equal(trouble, told.Trouble);
        Assert.Contains(said, told.Message, StringComparison.Ordinal);
        Assert.Contains("/data/ash-notch.db", told.Message, StringComparison.Ordinal);
        Assert.DoesNotContain("SQLite Error", told.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void Who_holds_the_lock_too_long_is_told_of_and_nothing_is_half_saved()
    {
        var directory = Directory.CreateTempSubdirectory("ash-notch-busy-").FullName;
        using (var store = LogStore.Open(directory, TimeSpan.FromSeconds(1)))
        using (var other = new SqliteConnection($"Data Source={Path.Combine(directory, LogStore.FileName)};Pooling=false"))
        {
            store.KeepSetting("aim", "points");
            other.Open();
            using var held = other.BeginTransaction(deferred: false);
            var told = Assert.Throws<StorageException>(() => store.KeepSetting("aim", "finish"));
            Assert.Equal(StorageTrouble.Busy, told.Trouble);
            // Work between saves is told the same, in the same kind of words.
            Assert.Equal(
                StorageTrouble.Busy,
                Assert.Throws<StorageException>(() => store.Upkeep(TimeSpan.Zero, DateTimeOffset.UtcNow)).Trouble
            );
            held.Rollback();
            store.KeepSetting("aim", "survive");
            Assert.Equal("survive", store.Setting("aim"));
        }
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }
}
