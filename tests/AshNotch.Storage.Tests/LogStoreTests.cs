using AshNotch.Core.Drilling;
using AshNotch.Core.Drilling.Areas;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats;
using AshNotch.Formats.Json;
using Microsoft.Data.Sqlite;
using Fear = AshNotch.Core.Partners.Fear;

namespace AshNotch.Storage.Tests;

public sealed class LogStoreTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-storage-").FullName;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }

    private static Diary Demo()
    {
        var root = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(root!.FullName, "global.json")))
            root = root.Parent;
        using var stream = File.OpenRead(Path.Combine(root.FullName, "demo", "demo-log.json"));
        var kneeCut = new Way(new("half-guard/bottom"), Who.Partner, new("knee-cut-pass"), Side: BodySide.Left);
        var shipped = LogReader.Read(stream, MatVocabulary.BuiltIn).Diary;
        return shipped with
        {
            Log = shipped.Log with { Sessions = [Session("extra") with { Rolls = [Roll("extra")] }, .. shipped.Log.Sessions] },
            Drills = new Drills
            {
                Focuses = [new Focus(kneeCut, new DateOnly(2026, 11, 22), "why not")],
                Week = MyWeek.Of([DayOfWeek.Monday], 20) with
                {
                    DaysOff = [new DateOnly(2026, 12, 24)],
                    Competition = new Competition(new DateOnly(2026, 12, 19), Attire.Gi, "blue adult", "federation"),
                    Sore = [new SoreSpot(SorePlace.Knee, true, new DateOnly(2026, 11, 20))],
                    Second = new HashSet<School> { School.PressureOrFlow },
                },
                Blocks =
                [
                    new Block(
                        "b1",
                        new DateOnly(2026, 11, 9),
                        new DateOnly(2026, 11, 29),
                        [new BlockFocus(kneeCut, 0.5, 0.3, 0.7, false, "it costs", Rung.FromThePlace, new DateOnly(2026, 11, 12))],
                        "because",
                        Verdict.Deepen
                    ),
                ],
                Done =
                [
                    new DrilledSession(
                        "b1",
                        new DateOnly(2026, 11, 10),
                        [new DrilledRound(0, Rung.FromThePlace, 10, new DrilledStarts(7, 3), [new CheckCount("on my side", 4, 5)])]
                    ),
                ],
                Ratings = [new SelfRating(new DateOnly(2026, 11, 10), Family.HalfGuard, 4)],
            },
        };
    }

    private static Roll Roll(string id, string? partner = null) =>
        new()
        {
            Id = id,
            Partner = partner,
            Exchanges =
            [
                new Exchange
                {
                    Start = new("standing/neutral"),
                    Notches =
                    [
                        new Notch
                        {
                            By = Who.Me,
                            Move = new("guard-pull"),
                            Outcome = Outcome.Landed,
                            Causes = ["late"],
                            Held = false,
                            HeldSeconds = 1.5,
                            Advice = [new Advice("slow down", "coach")],
                        },
                    ],
                },
            ],
            Takeaways = [new Takeaway("grip", 0, 0)],
            Mission = new Mission("m", [new MissionCheck("c", null, 2, 5)]),
            Intent = Intent.LetWork,
            Penalties = [new Penalty(Who.Partner, new RollTime(90), "stalling"), new Penalty(Who.Me, null, null)],
            Missed = [new MissedChance("the back was there", new("turtle/top"), new("back-take"))],
        };

    private static Session Session(string id = "s1") =>
        new()
        {
            Id = id,
            Date = new DateOnly(2026, 3, 2),
            State = new DayState(Energy.Tired, ["neck"], null),
            Taught = [new Taught("frame first", new("half-guard/bottom"), null, "coach")],
        };

    [Fact]
    public void A_whole_log_comes_back_as_it_went_in_and_survives_a_restart()
    {
        var demo = Demo();
        using (var store = LogStore.Open(directory))
            store.Import(demo, Now);
        using var again = LogStore.Open(directory);
        Assert.Equal(Logs.Text(demo), Logs.Text(again.ReadDiary()));
        Assert.Equal("ok", again.CheckIntegrity());
    }

    [Fact]
    public void What_is_drilled_moves_with_the_days_of_the_demo_and_goes_with_an_import_that_is_taken_back()
    {
        var demo = Demo();
        using var store = LogStore.Open(directory);
        var done = store.Import(demo, Now)!;
        Assert.Contains("1 new week of training, 1 new block, 1 new day of drilling, 1 new rating", done.Summary, StringComparison.Ordinal);
        store.ShiftDays(3);
        Assert.Equal(Logs.Text(new Diary(new Log(), demo.Drills.ShiftedBy(3))), Logs.Text(new Diary(new Log(), store.ReadDiary().Drills)));
        store.ShiftDays(-3);
        Assert.Equal(Logs.Text(demo), Logs.Text(store.ReadDiary()));
        Assert.Empty(store.UndoImport(done.Key, Now)!);
        Assert.Equal(Logs.Text(new Log()), Logs.Text(store.ReadDiary()));
    }

    [Fact]
    public void An_area_is_rated_once_a_day()
    {
        var day = new DateOnly(2026, 3, 2);
        using var store = LogStore.Open(directory);
        store.KeepRatings([new SelfRating(day, Family.Mount, 3), new SelfRating(day, Family.Back, 5)]);
        store.KeepRatings([new SelfRating(day, Family.Mount, 0), new SelfRating(day.AddDays(9), Family.Back, 6)]);
        Assert.Equal(
            [(Family.Back, 5), (Family.Mount, 0), (Family.Back, 6)],
            store.ReadDiary().Drills.Ratings.Select(r => (r.Area, r.Score))
        );
    }

    [Fact]
    public void A_day_of_drilling_is_kept_once_and_forgotten_without_rounds()
    {
        var day = new DateOnly(2026, 3, 2);
        using var store = LogStore.Open(directory);
        store.KeepDone(new DrilledSession("b", day, [new DrilledRound(0, Rung.Live, 0, null, [])]));
        store.KeepDone(new DrilledSession("b", day, [new DrilledRound(1, Rung.Live, 0, null, [])]));
        Assert.Equal(1, Assert.Single(Assert.Single(store.ReadDiary().Drills.Done).Rounds).Focus);
        store.KeepDone(new DrilledSession("b", day, []));
        Assert.Empty(store.ReadDiary().Drills.Done);
    }

    [Fact]
    public void Importing_twice_changes_nothing()
    {
        var demo = Demo();
        using var store = LogStore.Open(directory);
        Assert.NotNull(store.Import(demo, Now));
        Assert.Null(store.Import(demo, Now));
        Assert.Equal(Logs.Text(demo), Logs.Text(store.ReadDiary()));
        Assert.Empty(store.RollHistory(demo.Log.Rolls.First().Roll.Id));
    }

    [Fact]
    public void A_roll_is_saved_whole_edited_deleted_and_taken_back_with_its_history()
    {
        using var store = LogStore.Open(directory);
        store.SaveRoll(Session(), Roll("r1"), Now);
        store.SaveRoll(Session(), Roll("r2"), Now);
        store.SaveRoll(Session(), Roll("r1") with { Notes = "edited", Exchanges = [], Takeaways = [] }, Now);
        Assert.Equal(["r1", "r2"], store.Read().Rolls.Select(r => r.Roll.Id));
        Assert.Equal("edited", store.Read().Rolls.First().Roll.Notes);

        Assert.True(store.DeleteRoll("r1", Now));
        Assert.False(store.DeleteRoll("r1", Now));
        Assert.Equal(["r2"], store.Read().Rolls.Select(r => r.Roll.Id));
        Assert.True(store.RestoreRoll("r1", Now));
        Assert.False(store.RestoreRoll("r1", Now));
        Assert.Equal(["r1", "r2"], store.Read().Rolls.Select(r => r.Roll.Id));

        var history = store.RollHistory("r1");
        Assert.Equal(["edited", "deleted", "restored"], history.Select(h => h.Change));
        Assert.Contains("slow down", history[0].Document, StringComparison.Ordinal);
    }

    [Fact]
    public void A_roll_with_an_unknown_partner_leaves_nothing_behind_not_even_its_session()
    {
        using var store = LogStore.Open(directory);
        Assert.Throws<FaultyInputException>(() => store.SaveRoll(Session(), Roll("r1", "nobody"), Now));
        Assert.Empty(store.Read().Sessions);
    }

    [Fact]
    public void A_fault_in_the_middle_of_an_import_stores_none_of_it()
    {
        var demo = Demo();
        using var store = LogStore.Open(directory);
        var broken = demo.Log with { Sessions = [.. demo.Log.Sessions, Session("last") with { Rolls = [Roll("x", "nobody")] }] };
        Assert.ThrowsAny<Exception>(() => store.Import(broken, Now));
        Assert.Empty(store.Read().Sessions);
        Assert.Empty(store.Read().Partners);
    }

    [Fact]
    public void The_version_changes_with_every_write_of_anybody()
    {
        using var store = LogStore.Open(directory);
        using var other = LogStore.Open(directory);
        var before = store.Version;
        Assert.Equal(before, store.Version);
        other.SaveRoll(Session(), Roll("r1"), Now);
        Assert.NotEqual(before, store.Version);
    }

    [Fact]
    public void Writes_are_on_the_disk_when_they_return()
    {
        using var store = LogStore.Open(directory);
        using var connection = new SqliteConnection($"Data Source={Path.Combine(directory, LogStore.FileName)}");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA journal_mode";
        Assert.Equal("wal", command.ExecuteScalar());
    }

    [Fact]
    public void Drafts_and_settings_are_kept_and_dropped()
    {
        using var store = LogStore.Open(directory);
        store.KeepDraft("log", "half a thought", Now);
        store.KeepDraft("log", "a whole thought", Now);
        Assert.Equal(("log", "a whole thought"), store.Drafts().Select(d => (d.Id, d.Body)).Single());
        store.KeepDraft("log", null, Now);
        Assert.Empty(store.Drafts());
        store.KeepSetting("aim", "finish");
        Assert.Equal("finish", store.Setting("aim"));
    }

    [Fact]
    public void Data_of_a_later_version_is_refused_and_left_alone()
    {
        using (LogStore.Open(directory)) { }
        using (var connection = new SqliteConnection($"Data Source={Path.Combine(directory, LogStore.FileName)};Pooling=false"))
        {
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = "PRAGMA user_version = 999";
            command.ExecuteNonQuery();
        }
        Assert.Contains("later", Assert.Throws<StorageException>(() => LogStore.Open(directory)).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void A_file_that_is_no_database_and_a_directory_that_is_a_file_are_refused_in_words()
    {
        File.WriteAllText(Path.Combine(directory, LogStore.FileName), new string('x', 5000));
        Assert.Throws<StorageException>(() => LogStore.Open(directory));
        var file = Path.Combine(directory, "file");
        File.WriteAllText(file, "");
        Assert.Throws<StorageException>(() => LogStore.Open(file));
    }

    [Fact]
    public void Only_one_may_serve_a_directory_at_a_time()
    {
        using (DataLock.Take(directory))
            Assert.Contains("already", Assert.Throws<StorageException>(() => DataLock.Take(directory)).Message, StringComparison.Ordinal);
        DataLock.Take(directory).Dispose();
    }

    [Fact]
    public void Two_hands_writing_at_once_lose_nothing()
    {
        using var store = LogStore.Open(directory);
        Parallel.For(0, 40, i => store.SaveRoll(Session($"s{i % 3}"), Roll($"r{i}"), Now));
        Assert.Equal(40, store.Read().Rolls.Count());
        Assert.Equal("ok", store.CheckIntegrity());
    }

    [Fact]
    public void The_demo_is_never_put_over_somebodys_own_log()
    {
        using (var store = LogStore.Open(directory))
        {
            store.SaveRoll(Session(), Roll("r1"), Now);
            Assert.Contains(
                "somebody's own",
                Assert.Throws<StorageException>(() => store.StartOver(Demo(), Now)).Message,
                StringComparison.Ordinal
            );
            Assert.Equal(["r1"], store.Read().Rolls.Select(r => r.Roll.Id));
        }
        using var fresh = LogStore.Open(Path.Combine(directory, "demo"));
        fresh.StartOver(Demo(), Now);
        fresh.SaveRoll(Session(), Roll("told"), Now);
        fresh.SaveFear(new Fear("own", "being flattened", null, null, null, null));
        fresh.StartOver(Demo(), Now);
        Assert.Null(fresh.Read().Roll("told"));
        Assert.DoesNotContain(fresh.Snapshot(null).Diary.Fears, fear => fear.Id == "own");
    }
}
