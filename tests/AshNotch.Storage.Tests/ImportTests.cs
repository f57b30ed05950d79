using System.Text;
using AshNotch.Core.Drilling;
using AshNotch.Core.Merging;
using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage.Importing;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

/// <summary>A file that comes in takes nothing away, and can be taken back.</summary>
public sealed class ImportTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private static readonly DateOnly Day = new(2026, 3, 2);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-import-").FullName;
    private readonly LogStore store;

    public ImportTests()
    {
        store = LogStore.Open(directory);
        store.Import(File(Oak, Of("r1", "first"), Of("r2", "second"), Of("r3", "third")), Now);
    }

    private static Partner Oak =>
        new()
        {
            Id = "p",
            Name = "Oak",
            Belt = Belt.Purple,
            WeightKg = 82,
            Notes = "long legs",
        };

    public void Dispose()
    {
        store.Dispose();
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }

    [Fact]
    public void A_fear_comes_in_once_and_is_taken_back_with_its_import()
    {
        var fear = new Fear("f", "their guillotine when I shoot", "p", new("guillotine"), null, new("double-leg"));
        var coming = Diary.Of(File(Oak)) with { Fears = [fear] };
        Assert.NotNull(store.Import(coming, Now));
        Assert.Equal([fear], store.Snapshot(null).Diary.Fears);
        // The same again changes nothing, and one's own stands.
        store.SaveFear(fear with { Text = "in my words" });
        Assert.Null(store.Import(coming, Now));
        Assert.Equal("in my words", Assert.Single(store.Snapshot(null).Diary.Fears).Text);
        Assert.True(store.DropFear("f"));
        Assert.False(store.DropFear("f"));
        var again = store.Import(coming, Now)!;
        Assert.Empty(store.UndoImport(again.Key, Now)!);
        Assert.Empty(store.Snapshot(null).Diary.Fears);
    }

    [Fact]
    public void An_old_file_overwrites_no_edit_and_revives_nothing()
    {
        var old = store.Read();
        Save("r1", "edited since");
        store.DeleteRoll("r2", Now);
        var (plan, _) = store.PlanImport(old);
        Assert.Equal([Standing.Older, Standing.Deleted, Standing.Same], plan.Rolls.Select(r => r.Standing));
        Assert.Equal(["the notes"], plan.Rolls[0].Differs);
        Assert.Null(store.Import(old, Now));
        Assert.Equal(["edited since", "third"], Notes);
    }

    [Fact]
    public void What_both_changed_stays_unless_the_files_is_asked_for()
    {
        Save("r1", "edited here");
        var theirs = File(Oak, Of("r1", "edited there"), Of("r2", "changed there"), Of("r4", "new"));
        var (plan, version) = store.PlanImport(theirs);
        Assert.Equal([Standing.Conflicting, Standing.Changed, Standing.New], plan.Rolls.Select(r => r.Standing));
        store.Import(plan, version, ImportChoice.AsPlanned with { Leave = new HashSet<string> { "roll:r2" } }, Now);
        Assert.Equal(["edited here", "second", "third", "new"], Notes);
        store.Import(theirs, Now, ImportChoice.AsPlanned with { Take = new HashSet<string> { "roll:r1" } });
        Assert.Equal(["edited there", "changed there", "third", "new"], Notes);
        Assert.Equal(["edited", "imported"], store.RollHistory("r1").Select(h => h.Change));
    }

    [Fact]
    public void A_partner_is_the_same_by_id_or_nickname_and_what_a_file_does_not_say_stays()
    {
        var file = new Log
        {
            Partners =
            [
                new Partner
                {
                    Id = "other",
                    Name = "oak",
                    Belt = Belt.Brown,
                },
            ],
            Sessions =
            [
                new Session
                {
                    Id = "t",
                    Date = Day,
                    Rolls = [Of("x", "theirs") with { Partner = "other" }],
                },
            ],
        };
        store.Import(file, Now);
        var oak = Assert.Single(store.Read().Partners);
        Assert.Equal(("p", "Oak", Belt.Brown, 82.0, "long legs"), (oak.Id, oak.Name, oak.Belt, oak.WeightKg, oak.Notes));
        Assert.Equal("p", store.Read().Roll("x")!.Roll.Partner);
    }

    [Fact]
    public void A_partner_edited_since_keeps_the_edit()
    {
        var old = store.Read();
        store.SavePartner(Oak with { Belt = Belt.Brown, Notes = "" }, Now);
        Assert.Equal(Standing.Older, Assert.Single(store.PlanImport(old).Plan.Partners).Standing);
        store.Import(old, Now);
        Assert.Equal(Belt.Brown, Assert.Single(store.Read().Partners).Belt);
        var theirs = old with { Partners = [Oak with { Belt = Belt.Black }] };
        Assert.Equal(Standing.Conflicting, Assert.Single(store.PlanImport(theirs).Plan.Partners).Standing);
    }

    [Fact]
    public void A_session_keeps_what_is_said_of_it_and_gains_what_was_not()
    {
        var head = store.Read().Sessions.Single();
        store.SaveRoll(head with { Notes = "hot", Rolls = [] }, Of("r1", "first"), Now);
        store.Import(new Log { Sessions = [head with { Notes = "cold", Time = new TimeOnly(18, 30), Rolls = [] }] }, Now);
        var now = store.Read().Sessions.Single();
        Assert.Equal(("hot", new TimeOnly(18, 30)), (now.Notes, now.Time));
    }

    [Fact]
    public void An_import_is_taken_back_as_a_whole()
    {
        Save("r1", "edited here");
        store.DeleteRoll("r3", Now);
        var before = Logs.Text(store.Read());
        var theirs = new Log
        {
            Practitioner = new Practitioner { Belt = Belt.Blue },
            Partners = [Oak with { Belt = Belt.Black }, new Partner { Id = "q", Name = "Elm" }],
            Sessions =
            [
                new Session
                {
                    Id = "s",
                    Date = Day,
                    Notes = "said",
                    Rolls = [Of("r1", "there"), Of("r2", "there"), Of("r3", "third")],
                },
                new Session
                {
                    Id = "t",
                    Date = Day,
                    Rolls = [Of("r9", "new") with { Partner = "q" }],
                },
            ],
            OwnNames = [new OwnName("octopus grab", "guillotine")],
        };
        var done = store.Import(
            new Diary(theirs, new Drills { Focuses = [new Focus(new Way(new("mount/top"), Who.Me, null), Day, null)] }),
            Now,
            ImportChoice.AsPlanned with
            {
                Theirs = true,
            }
        )!;
        Assert.Equal(
            "1 new roll, 3 changed rolls, 1 new partner, 1 changed partner, 1 new session, 1 changed session, 1 new name of your own, "
                + "1 new focus, 1 changed page about yourself",
            done.Summary
        );
        Assert.Equal(["there", "there", "third", "new"], Notes);
        Assert.Empty(store.UndoImport(done.Key, Now)!);
        Assert.Equal(before, Logs.Text(store.Read()));
        Assert.Null(store.UndoImport(done.Key, Now));
        Assert.Equal("ok", store.CheckIntegrity());
    }

    [Fact]
    public void What_was_changed_after_an_import_stays_when_it_is_taken_back()
    {
        var done = store.Import(File(Oak, Of("r8", "new"), Of("r9", "new")), Now)!;
        Save("r8", "edited since");
        Assert.Single(store.UndoImport(done.Key, Now)!);
        Assert.Equal(["first", "second", "third", "edited since"], Notes);
    }

    [Fact]
    public void A_plan_is_refused_when_the_log_has_changed_since_it_was_made()
    {
        var (plan, version) = store.PlanImport(File(Oak, Of("r8", "new")));
        Save("r1", "edited since");
        var refused = Assert.Throws<StorageException>(() => store.Import(plan, version, ImportChoice.AsPlanned, Now));
        Assert.Equal(StorageTrouble.Changed, refused.Trouble);
        Assert.Null(store.Read().Roll("r8"));
    }

    [Fact]
    public void Files_without_ids_do_not_take_each_others_rolls_and_come_in_once()
    {
        const string One = """
            { "format": "ash-notch-log", "version": 1, "sessions": [ { "date": "2026-04-01", "rolls": [
              { "notes": "same", "exchanges": [] }, { "notes": "same", "exchanges": [] }, { "notes": "one" } ] } ] }
            """;
        var two = One.Replace("\"one\"", "\"two\"", StringComparison.Ordinal);
        // What is noted of the session later makes it no other one.
        var noted = One.Replace("\"sessions\": [ {", "\"sessions\": [ { \"notes\": \"sore neck\",", StringComparison.Ordinal);
        foreach (var file in (string[])[One, two, One, two, noted])
            store.Import(Read(file), Now);
        Assert.Equal(["same", "same", "one", "two"], store.Read().Sessions.Single(s => s.Date?.Month == 4).Rolls.Select(r => r.Notes));
    }

    private IEnumerable<string?> Notes => store.Read().Rolls.Select(r => r.Roll.Notes);

    private void Save(string id, string notes) => store.Keep(new RollsToKeep { Rolls = [Of(id, notes)] }, Now);

    private static Roll Of(string id, string notes) =>
        new()
        {
            Id = id,
            Partner = "p",
            PartnerThen = Oak.Today,
            Notes = notes,
        };

    private static Log File(Partner partner, params Roll[] rolls) =>
        new()
        {
            Partners = [partner],
            Sessions =
            [
                new Session
                {
                    Id = "s",
                    Date = Day,
                    Rolls = rolls,
                },
            ],
        };

    private static Log Read(string json) => LogReader.Read(new MemoryStream(Encoding.UTF8.GetBytes(json)), MatVocabulary.BuiltIn).Log;
}
