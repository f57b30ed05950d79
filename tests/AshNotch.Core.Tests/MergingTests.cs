using AshNotch.Core.Drilling;
using AshNotch.Core.Matches;
using AshNotch.Core.Merging;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Tests;

/// <summary>How what comes in stands to what is there.</summary>
public class MergingTests
{
    [Theory]
    [InlineData(null, false, "", "a", Standing.New)]
    [InlineData("a", false, "", "a", Standing.Same)]
    [InlineData("a", false, "b", "a", Standing.Same)]
    [InlineData("a", false, "", "b", Standing.Changed)]
    [InlineData("a", false, "b c", "b", Standing.Older)]
    [InlineData("a", false, "c", "b", Standing.Conflicting)]
    [InlineData("a", true, "", "a", Standing.Deleted)]
    [InlineData("a", true, "b", "b", Standing.Deleted)]
    public void It_stands_so(string? kept, bool deleted, string earlier, string coming, Standing standing) =>
        Assert.Equal(standing, Standings.Of(kept, deleted, () => earlier.Split(' ', StringSplitOptions.RemoveEmptyEntries), coming));

    [Fact]
    public void Only_what_was_never_edited_here_is_taken_unasked() =>
        Assert.Equal([Standing.New, Standing.Changed], Enum.GetValues<Standing>().Where(s => s.IsTaken()));

    [Fact]
    public void Earlier_forms_are_asked_for_only_where_they_decide()
    {
        static IReadOnlyList<string> Never() => throw new InvalidOperationException("asked");
        Assert.Equal(Standing.Same, Standings.Of("a", false, Never, "a"));
        Assert.Equal(Standing.New, Standings.Of(null, false, Never, "a"));
    }

    [Fact]
    public void Two_of_one_nickname_in_a_file_are_one_partner()
    {
        var file = new Log
        {
            Partners = [new Partner { Id = "a", Name = "Oak" }, new Partner { Id = "b", Name = "OAK" }],
            Sessions = [new Session { Id = "s", Rolls = [new Roll { Id = "r", Partner = "b" }] }],
        };
        var plan = ImportPlan.Of(Diary.Of(file), Knows(new Log()));
        Assert.Equal("a", Assert.Single(plan.Partners).Partner.Id);
        Assert.Equal("a", Assert.Single(plan.Rolls).Roll.Partner);
    }

    [Fact]
    public void A_partner_known_under_another_spelling_or_merged_away_is_who_they_are_now()
    {
        var log = new Log
        {
            Partners =
            [
                new Partner
                {
                    Id = "a",
                    Name = "Oak",
                    AlsoCalled = ["Oaky"],
                    Belt = Belt.Blue,
                },
            ],
        };
        var file = new Log { Partners = [new Partner { Id = "x", Name = "oaky" }, new Partner { Id = "gone", Name = "Elm" }] };
        var plan = ImportPlan.Of(Diary.Of(file), Knows(log) with { MergedInto = id => id == "gone" ? "a" : id });
        Assert.All(plan.Partners, p => Assert.Equal(("a", Belt.Blue), (p.Partner.Id, p.Partner.Belt)));
    }

    [Fact]
    public void What_the_log_says_of_the_practitioner_stands()
    {
        var log = new Log
        {
            Practitioner = new Practitioner { Belt = Belt.Purple, Stripes = 1 },
        };
        var file = new Log
        {
            Practitioner = new Practitioner
            {
                Belt = Belt.Blue,
                Stripes = 4,
                WeightKg = 77,
            },
        };
        var now = ImportPlan.Of(Diary.Of(file), Knows(log)).Practitioner;
        Assert.Equal((Belt.Purple, 1, 77.0), (now.Belt, now.Stripes, now.WeightKg));
    }

    private static Known Knows(Log log) =>
        new(
            log,
            Drills.None,
            MatchBook.None,
            [],
            new Dictionary<string, Roll>(),
            _ => [],
            _ => [],
            id => id,
            r => $"{r.Id} {r.Notes}",
            p => $"{p.Name} {p.Belt}"
        );
}
