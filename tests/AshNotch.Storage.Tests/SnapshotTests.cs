using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

/// <summary>A log held in memory is brought up to date by what changed, and is then the same as one that is read anew.</summary>
public sealed class SnapshotTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-snapshot-").FullName;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void After_any_change_by_anybody_what_is_held_is_what_is_kept(int seed)
    {
        var random = new Random(seed);
        using var mine = LogStore.Open(directory);
        using var other = LogStore.Open(directory);
        LogSnapshot? held = null;
        for (var turn = 0; turn < 150; turn++)
        {
            Change(random.Next(2) == 0 ? mine : other, random, turn);
            if (random.Next(3) == 0)
                continue;
            held = mine.Snapshot(held);
            Assert.Equal(mine.Version, held.Version);
            Assert.Equal(Logs.Text(mine.ReadDiary()), Logs.Text(held.Diary));
        }
    }

    [Fact]
    public void Drafts_and_settings_do_not_touch_the_log()
    {
        using var store = LogStore.Open(directory);
        store.SaveRoll(new Session { Id = "s" }, new Roll { Id = "r" }, Now);
        var held = store.Snapshot(null);
        store.KeepDraft("d", "half told", Now);
        store.KeepSetting("aim", "finish");
        Assert.Equal(held.Version, store.Version);
        Assert.Same(held.Log, store.Snapshot(held).Log);
    }

    [Fact]
    public void What_was_not_touched_is_not_read_again()
    {
        using var store = LogStore.Open(directory);
        foreach (var day in (int[])[2, 3, 4])
            store.SaveRoll(new Session { Id = $"s{day}", Date = new DateOnly(2026, 3, day) }, new Roll { Id = $"r{day}" }, Now);
        var held = store.Snapshot(null);
        store.SaveRoll(new Session { Id = "s3", Date = new DateOnly(2026, 3, 3) }, new Roll { Id = "more" }, Now);
        var next = store.Snapshot(held);
        Assert.Same(held.Log.Sessions[0], next.Log.Sessions[0]);
        Assert.Same(held.Log.Sessions[2], next.Log.Sessions[2]);
        Assert.Equal(["r3", "more"], next.Log.Sessions[1].Rolls.Select(r => r.Id));
        Assert.Same(held.Log.Partners, next.Log.Partners);
    }

    [Fact]
    public void Of_the_sessions_around_some_rolls_nothing_is_missing_and_no_other_is_read()
    {
        using var store = LogStore.Open(directory);
        store.SavePartner(new Partner { Id = "p", Name = "Oak" }, Now);
        foreach (var day in (int[])[2, 3, 4])
        foreach (var part in (string[])["a", "b"])
            store.SaveRoll(
                new Session { Id = $"s{day}", Date = new DateOnly(2026, 3, day) },
                new Roll { Id = $"{part}{day}", Partner = "p" },
                Now
            );
        store.DeleteRoll("b4", Now);
        var whole = store.Read();
        var around = store.Around(["b2", "a2", "a4", "b4", "none"]);
        var wanted = whole with { Sessions = [.. whole.Sessions.Where(s => s.Id != "s3")] };
        Assert.Equal(Logs.Text(wanted), Logs.Text(around));
        Assert.Null(around.Roll("b4"));
    }

    private static void Change(LogStore store, Random random, int turn)
    {
        var (id, session) = ($"r{random.Next(15)}", $"s{random.Next(6)}");
        switch (random.Next(9))
        {
            case 0:
                store.DeleteRoll(id, Now);
                break;
            case 1:
                store.RestoreRoll(id, Now);
                break;
            case 2:
                store.SavePartner(new Partner { Id = $"p{random.Next(3)}", Name = $"Oak {turn}" }, Now);
                break;
            case 3:
                store.KeepDone(
                    new DrilledSession(
                        $"b{random.Next(2)}",
                        new DateOnly(2026, 3, 2),
                        [new DrilledRound(0, Rung.FromThePlace, turn % 9, null, [])]
                    )
                );
                break;
            case 4:
                store.SaveOwnName(new OwnName($"name {random.Next(3)}", "mount"));
                break;
            case 5:
                store.SavePractitioner(new Practitioner { WeightKg = 60 + random.Next(30) });
                break;
            default:
                store.SaveRoll(
                    new Session { Id = session, Date = new DateOnly(2026, 3, 1 + random.Next(5)) },
                    new Roll { Id = id, Notes = $"turn {turn}" },
                    Now
                );
                break;
        }
    }
}
