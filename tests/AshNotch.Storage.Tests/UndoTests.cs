using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

/// <summary>What was done can be taken back, whatever was done since.</summary>
public sealed class UndoTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-undo-").FullName;
    private readonly LogStore store;

    public UndoTests() => store = LogStore.Open(directory);

    public void Dispose()
    {
        store.Dispose();
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }

    [Theory]
    [InlineData("brought", "oak")]
    [InlineData("oak", "brought")]
    public void An_import_is_taken_back_as_a_whole_after_one_it_brought_was_made_one_with_another(string gone, string kept)
    {
        store.SavePartner(
            new Partner
            {
                Id = "oak",
                Name = "Oak",
                Notes = "mine",
            },
            Now
        );
        Save("a", "oak");
        var before = store.Read();
        var done = store.Import(File("brought", "Okay", 13), Now)!;
        store.MergePartners(gone, kept, Now);
        Assert.Empty(store.UndoImport(done.Key, Now)!);
        Assert.Equal(Logs.Text(before), Logs.Text(store.Read()));
        Assert.Null(store.UndoImport(done.Key, Now));
    }

    [Fact]
    public void What_would_stay_is_said_beforehand_and_the_rest_can_be_tried_again()
    {
        var done = store.Import(File("brought", "Okay", 3), Now)!;
        Save("r1", "brought", "edited here");
        var said = Assert.Single(store.TryUndoImport(done.Key, Now)!, s => s.What == "roll");
        Assert.Equal("r1", said.Id);
        Assert.Equal(3, store.Read().Rolls.Count());
        // The roll, and with it the partner and the session it hangs in.
        Assert.Equal(["partner", "roll", "session"], store.UndoImport(done.Key, Now)!.Select(s => s.What).Order());
        Assert.Equal(["r1"], store.Read().Rolls.Select(r => r.Roll.Id));
        Assert.True(store.Imports()[0].CanBeUndone);
        store.RestoreForm("r1", 0, Now);
        Assert.Empty(store.UndoImport(done.Key, Now)!);
        Assert.Empty(store.Read().Sessions);
        Assert.False(store.Imports()[0].CanBeUndone);
    }

    [Fact]
    public void A_form_whose_partner_is_gone_comes_back_with_somebody()
    {
        store.SavePartner(new Partner { Id = "oak", Name = "Oak" }, Now);
        Save("a", "oak", "first");
        Save("a", null, "second");
        store.ForgetPartner("oak", MatVocabulary.BuiltIn);
        Assert.True(store.RestoreForm("a", 0, Now));
        var back = store.Read().Roll("a")!.Roll;
        Assert.Equal(("first", null), (back.Notes, back.Partner));
    }

    [Fact]
    public void A_merge_taken_apart_after_somebody_took_the_name_does_not_make_two_of_one_name()
    {
        store.SavePartner(new Partner { Id = "oak", Name = "Oak" }, Now);
        store.SavePartner(new Partner { Id = "tall", Name = "Tall one" }, Now);
        var merge = store.MergePartners("tall", "oak", Now);
        store.SavePartner(new Partner { Id = "new", Name = "tall ONE" }, Now);
        Assert.True(store.UndoMerge(merge, Now));
        Assert.Equal("Tall one (2)", store.Read().Partner("tall")!.Name);
    }

    [Fact]
    public void A_file_that_gives_one_the_name_of_another_does_not_make_two_of_one_name()
    {
        store.SavePartner(new Partner { Id = "oak", Name = "Oak" }, Now);
        store.SavePartner(new Partner { Id = "fir", Name = "Fir" }, Now);
        store.Import(
            new Log
            {
                Partners =
                [
                    new Partner
                    {
                        Id = "fir",
                        Name = "OAK",
                        Notes = "from the file",
                    },
                ],
            },
            Now
        );
        Assert.Equal(["Oak", "Fir"], store.Read().Partners.Select(p => p.Name));
        Assert.Equal("from the file", store.Read().Partner("fir")!.Notes);
    }

    [Fact]
    public void Who_was_merged_away_does_not_come_back_from_a_page_that_was_open()
    {
        store.SavePartner(new Partner { Id = "oak", Name = "Oak" }, Now);
        store.SavePartner(new Partner { Id = "okay", Name = "Okay" }, Now);
        store.MergePartners("okay", "oak", Now);
        var told = Assert.Throws<StorageException>(() => store.SavePartner(new Partner { Id = "okay", Name = "Okay" }, Now));
        Assert.Equal(StorageTrouble.Changed, told.Trouble);
        Assert.Contains("Oak", told.Message, StringComparison.Ordinal);
        // A roll told with them is the other's; so is one told by the name they had.
        Save("a", "okay");
        store.Keep(
            new RollsToKeep
            {
                Session = new Session { Id = "s", Date = new DateOnly(2026, 3, 2) },
                Rolls = [new Roll { Id = "b", Partner = "p-b" }],
                Met = [new Partner { Id = "p-b", Name = "okay" }],
            },
            Now
        );
        Assert.Equal(["oak", "oak"], store.Read().Rolls.Select(r => r.Roll.Partner));
        Assert.Single(store.Read().Partners);
    }

    [Fact]
    public void What_was_changed_elsewhere_is_not_overwritten_by_a_page_that_did_not_know()
    {
        store.SavePartner(new Partner { Id = "oak", Name = "Oak" }, Now);
        var (partner, me, settings) = (store.PartnerVersion("oak"), store.PractitionerVersion(), store.SettingsVersion());
        store.SavePartner(
            new Partner
            {
                Id = "oak",
                Name = "Oak",
                Notes = "newer",
            },
            Now,
            partner
        );
        store.SavePractitioner(new Practitioner { Stripes = 2 }, me);
        store.KeepSettings([("aim", "points")], settings);
        Action[] stale =
        [
            () =>
                store.SavePartner(
                    new Partner
                    {
                        Id = "oak",
                        Name = "Oak",
                        Notes = "stale",
                    },
                    Now,
                    partner
                ),
            () => store.SavePractitioner(new Practitioner { Stripes = 3 }, me),
            () => store.KeepSettings([("aim", "finish")], settings),
        ];
        Assert.All(stale, save => Assert.Equal(StorageTrouble.Changed, Assert.Throws<StorageException>(save).Trouble));
        Assert.Equal(("newer", 2, "points"), (store.Read().Partner("oak")!.Notes, store.Read().Practitioner.Stripes, store.Setting("aim")));
    }

    private static Log File(string id, string name, int rolls) =>
        new()
        {
            Partners = [new Partner { Id = id, Name = name }],
            Sessions =
            [
                new Session
                {
                    Id = "from-a-file",
                    Date = new DateOnly(2026, 1, 5),
                    Rolls = [.. Enumerable.Range(0, rolls).Select(i => new Roll { Id = $"r{i}", Partner = id })],
                },
            ],
        };

    private void Save(string roll, string? partner, string notes = "") =>
        store.SaveRoll(
            store.Read().Roll(roll) is { } there
                ? there.Session with
                {
                    Rolls = [],
                }
                : new Session { Id = "s", Date = new DateOnly(2026, 3, 2) },
            new Roll
            {
                Id = roll,
                Partner = partner,
                Notes = notes,
            },
            Now
        );
}
