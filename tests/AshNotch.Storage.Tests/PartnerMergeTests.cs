using AshNotch.Core.Rolls;
using AshNotch.Formats;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

public sealed class PartnerMergeTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-merge-").FullName;
    private readonly LogStore store;

    public PartnerMergeTests()
    {
        store = LogStore.Open(directory);
        store.SavePartner(
            new Partner
            {
                Id = "a",
                Name = "Oak",
                Belt = Belt.Purple,
                Traits = ["tall"],
                Notes = "cuts the knee",
            },
            Now
        );
        store.SavePartner(
            new Partner
            {
                Id = "b",
                Name = "Oke",
                WeightKg = 82,
                AlsoCalled = ["Okie"],
                Traits = ["Tall", "quick"],
                Belt = Belt.Brown,
            },
            Now
        );
        store.SavePartner(new Partner { Id = "c", Name = "Elm" }, Now);
        foreach (var (id, partner) in (ReadOnlySpan<(string, string)>)[("r1", "a"), ("r2", "b"), ("r3", "b"), ("r4", "c")])
            store.SaveRoll(new Session { Id = "s" }, new Roll { Id = id, Partner = partner }, Now);
        store.DeleteRoll("r3", Now);
    }

    public void Dispose()
    {
        store.Dispose();
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }

    private Partner Of(string id) => store.Read().Partners.Single(p => p.Id == id);

    private string Rolls => string.Join(' ', store.Read().Rolls.Select(r => $"{r.Roll.Id}:{r.Roll.Partner}"));

    [Fact]
    public void The_rolls_move_and_what_was_not_known_of_the_one_who_stays_is_filled_in()
    {
        store.MergePartners("b", "a", Now);
        Assert.Equal("r1:a r2:a r4:c", Rolls);
        var kept = Of("a");
        Assert.Equal((Belt.Purple, 82.0), (kept.Belt, kept.WeightKg));
        Assert.Equal(["Oke", "Okie"], kept.AlsoCalled);
        Assert.Equal(["tall", "quick"], kept.Traits);
        Assert.Equal(["a", "c"], store.Read().Partners.Select(p => p.Id));
        Assert.Equal("ok", store.CheckIntegrity());
    }

    [Fact]
    public void Undone_everything_is_as_it_was_deleted_rolls_and_all()
    {
        var before = (Of("a"), Of("b"));
        Assert.True(store.UndoMerge(store.MergePartners("b", "a", Now), Now));
        Assert.Equivalent(before, (Of("a"), Of("b")), strict: true);
        store.RestoreRoll("r3", Now);
        Assert.Equal("r1:a r2:b r3:b r4:c", Rolls);
    }

    [Fact]
    public void What_was_changed_after_the_merge_outlives_its_undo()
    {
        var merge = store.MergePartners("b", "a", Now);
        store.SavePartner(Of("a") with { Belt = Belt.Black, WeightKg = 90 }, Now);
        store.SaveRoll(new Session { Id = "s" }, new Roll { Id = "r5", Partner = "a" }, Now);
        store.SaveRoll(new Session { Id = "s" }, new Roll { Id = "r2", Partner = "c" }, Now);
        Assert.True(store.UndoMerge(merge, Now));
        Assert.Equal((Belt.Black, 90.0), (Of("a").Belt, Of("a").WeightKg));
        Assert.Empty(Of("a").AlsoCalled);
        Assert.Equal("r1:a r2:c r4:c r5:a", Rolls);
    }

    [Fact]
    public void A_merge_is_undone_once_and_not_while_the_one_who_stayed_is_gone_itself()
    {
        var first = store.MergePartners("b", "a", Now);
        var second = store.MergePartners("a", "c", Now);
        Assert.Equal("c", store.PartnerNow("b"));
        Assert.False(store.UndoMerge(first, Now));
        Assert.True(store.UndoMerge(second, Now));
        Assert.True(store.UndoMerge(first, Now));
        Assert.False(store.UndoMerge(first, Now));
        Assert.False(store.UndoMerge(99, Now));
        Assert.Equal("b", store.PartnerNow("b"));
        Assert.Equal("r1:a r2:b r4:c", Rolls);
    }

    [Theory]
    [InlineData("b", "nobody")]
    [InlineData("nobody", "a")]
    public void A_partner_who_is_not_there_cannot_be_merged_and_nothing_changes(string gone, string kept)
    {
        var before = Rolls;
        Assert.Throws<StorageException>(() => store.MergePartners(gone, kept, Now));
        Assert.Equal(before, Rolls);
    }

    [Fact]
    public void Rolls_partners_met_and_the_draft_are_kept_together_or_not_at_all()
    {
        store.KeepDraft("log", "told", Now);
        Roll[] rolls = [new() { Id = "n1", Partner = "new" }, new() { Id = "n2", Partner = "nobody" }];
        var told = new RollsToKeep
        {
            Session = new Session { Id = "t" },
            Met = [new Partner { Id = "new", Name = "New" }],
            Rolls = rolls,
            Draft = "log",
        };
        Assert.Throws<FaultyInputException>(() => store.Keep(told, Now));
        Assert.DoesNotContain(store.Read().Partners, p => p.Id == "new");
        Assert.Equal("told", store.Drafts().Single().Body);
        store.Keep(told with { Rolls = rolls[..1] }, Now);
        Assert.Empty(store.Drafts());
        Assert.Contains("n1:new", Rolls, StringComparison.Ordinal);
    }
}
