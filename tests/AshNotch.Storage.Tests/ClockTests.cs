using AshNotch.Core.Rolls;
using AshNotch.Storage.Backups;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

/// <summary>A clock that was wrong takes no copy away and keeps none from being made.</summary>
public sealed class ClockTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-clock-").FullName;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }

    [Theory]
    [InlineData(12 * 365)]
    [InlineData(-12 * 365)]
    [InlineData(40)]
    public void One_night_of_a_wrong_clock_costs_no_good_copy_and_holds_none_up(int days)
    {
        using var store = LogStore.Open(directory);
        for (var night = 0; night < 9; night++)
            Night(store, Now.AddDays(night));
        var before = store.Backups().Select(b => b.Name).ToHashSet();
        Night(store, Now.AddDays(9 + days));
        // The oldest of the days may have had its time; no more than that.
        Assert.True(store.Backups().Count(b => before.Contains(b.Name)) >= before.Count - 1);
        Night(store, Now.AddDays(9));
        Night(store, Now.AddDays(10));
        var newest = store.Copies();
        Assert.Equal(Now.AddDays(10), newest.LastGood!.At);
        Assert.True(newest.Current);
    }

    [Fact]
    public void Among_copies_of_any_dates_the_seven_made_last_stay()
    {
        // The last made first, each dated a minute before the one made before it, as by a clock that runs backwards.
        var made = Enumerable.Range(0, 9).Select(n => Now.AddMinutes(n)).ToList();
        Assert.Equal([.. made[..7], made[8]], Retention.Keep(made, Now.AddYears(12)).Order());
        Assert.Equal(made, Retention.Keep(made, Now.AddYears(-12)).Order());
    }

    [Fact]
    public void A_newest_copy_that_is_damaged_is_made_again_and_is_not_said_to_be_good()
    {
        using var store = LogStore.Open(directory);
        Night(store, Now);
        var good = store.Copies().LastGood;
        Night(store, Now.AddDays(1));
        var damaged = store.Backups()[0];
        var bytes = File.ReadAllBytes(damaged.Path);
        Array.Clear(bytes, bytes.Length / 3, bytes.Length / 3);
        File.WriteAllBytes(damaged.Path, bytes);
        Assert.Equal(good, store.Copies().LastGood);
        store.Upkeep(TimeSpan.Zero, Now.AddDays(1).AddMinutes(1));
        Assert.Equal(3, store.Backups().Count);
        Assert.Equal(Now.AddDays(1).AddMinutes(1), store.Copies().LastGood!.At);
    }

    [Fact]
    public void When_no_copy_can_be_made_it_is_said_why_until_one_is()
    {
        using var store = LogStore.Open(directory);
        Night(store, Now);
        Assert.False(store.Copies().Overdue);
        var folder = Path.Combine(directory, "backups");
        Directory.Move(folder, folder + "-away");
        File.WriteAllText(folder, "a file where a directory should be");
        store.SaveRoll(new Session { Id = "s" }, new Roll { Id = "since" }, Now);
        Assert.Throws<StorageException>(() => store.Upkeep(TimeSpan.Zero, Now.AddDays(1)));
        var state = store.Copies();
        Assert.True(state.Overdue);
        Assert.NotEmpty(state.Trouble!);
        File.Delete(folder);
        Directory.Move(folder + "-away", folder);
        store.Upkeep(TimeSpan.Zero, Now.AddDays(1));
        Assert.False(store.Copies().Overdue);
    }

    private static void Night(LogStore store, DateTimeOffset at)
    {
        store.SaveRoll(new Session { Id = "s" }, new Roll { Id = $"r{at:yyyyMMddHHmm}" }, at);
        store.Upkeep(TimeSpan.Zero, at);
    }
}
