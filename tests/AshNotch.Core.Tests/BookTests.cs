using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class BookTests
{
    private static readonly MatVocabulary Vocabulary = MatVocabulary.BuiltIn;
    private static readonly Book TheBook = Book.Of(Vocabulary);

    [Fact]
    public void Shares_sum_to_one_for_each_side_that_has_a_way_out()
    {
        foreach (var place in Vocabulary.Places)
        {
            foreach (var side in TheBook.Exits(place.Id).GroupBy(e => e.Key.By))
                Assert.Equal(1, side.Sum(e => e.Value), 12);
            Assert.InRange(TheBook.Lands(place.Id, Who.Me) + TheBook.Lands(place.Id, Who.Partner), 0.1, 0.9);
        }
    }

    [Fact]
    public void What_I_can_do_from_a_place_they_can_do_from_its_mirror()
    {
        foreach (var place in Vocabulary.Places)
        {
            var mirrored = TheBook.Exits(place.Mirror.Id);
            foreach (var (key, share) in TheBook.Exits(place.Id))
            {
                var other = key.By == Who.Me ? Who.Partner : Who.Me;
                Assert.Equal(share, mirrored[new ExitKey(other, key.Move, key.To?.Mirror)], 12);
                Assert.Equal(TheBook.Lands(place.Id, key.By), TheBook.Lands(place.Mirror.Id, other));
            }
        }
    }

    [Fact]
    public void The_book_says_what_it_is_and_takes_submissions_for_what_ends_the_back()
    {
        Assert.Contains("not measured", Book.Caveat, StringComparison.Ordinal);
        double Finishes(string place) => TheBook.Exits(new(place)).Where(e => e.Key.By == Who.Me && e.Key.To is null).Sum(e => e.Value);
        Assert.True(Finishes("back-control/top") > 0.5);
        Assert.True(Finishes("half-guard/bottom") < 0.3);
        Assert.Equal(TheBook.Lands(new("my-own/top"), Who.Me), TheBook.Lands(new("my-own/top"), Who.Partner));
    }

    [Fact]
    public void With_every_place_and_its_mirror_values_are_opposite()
    {
        var model = SkillModel.Of(Walk.Empty, new Practitioner(), Vocabulary);
        var rewards = Reward.Of(Aim.Points, Vocabulary, model.Shape);
        var value = ChainValue.Solve(model.Expected(Against.Usual), rewards);
        double At(PlaceId place) => value.Values[model.Shape.IndexOf(place)];
        foreach (var place in Vocabulary.Places)
            Assert.Equal(At(place.Id), -At(place.Mirror.Id), 9);
        Assert.True(At(new("back-control/top")) > At(new("half-guard/top")));
        Assert.True(At(new("side-control/top")) > At(new("side-control/bottom")));
    }

    [Fact]
    public void Notches_wash_the_book_out()
    {
        double Rate(int times)
        {
            var chain = Trade.Model(Trade.LogOf(Enumerable.Repeat(Trade.KneeCut, times))).Expected(Against.Even);
            var place = chain.Shape.IndexOf(new("half-guard/bottom"));
            return chain
                .Shape.ExitsOf(place)
                .Where(e => chain.Shape.Exits[e].Key is { By: Who.Partner, Move: { Value: "knee-cut-pass" } })
                .Sum(e => chain.Chances[e]);
        }
        Assert.True(Rate(0) < Rate(4) && Rate(4) < Rate(40));
        Assert.InRange(Rate(1000), 0.95, 1);
    }

    [Theory]
    [InlineData(Aim.Points, "half-guard/bottom", "side-control/bottom", Who.Partner, -3)]
    [InlineData(Aim.Finish, "half-guard/bottom", "side-control/bottom", Who.Partner, 0)]
    [InlineData(Aim.Balanced, "half-guard/bottom", "side-control/bottom", Who.Partner, -1.5)]
    [InlineData(Aim.Points, "mount/top", null, Who.Me, 10)]
    [InlineData(Aim.Finish, "mount/top", null, Who.Me, 1)]
    [InlineData(Aim.Survive, "mount/top", null, Who.Me, 0)]
    [InlineData(Aim.Survive, "mount/bottom", null, Who.Partner, -1)]
    [InlineData(Aim.Balanced, "mount/bottom", null, Who.Partner, -10)]
    public void The_aim_says_what_an_exit_is_worth(Aim aim, string from, string? to, Who by, double worth) =>
        Assert.Equal(worth, Reward.Of(aim, Vocabulary, new PlaceId(from), PlaceId.Of(to), by));

    [Fact]
    public void Better_defence_of_one_exit_never_hurts_and_its_worth_is_told_from_the_same_side()
    {
        var ranking = WeakSpotRanking.Of(DemoTests.Log, MatVocabulary.BuiltIn, Aim.Survive);
        Assert.NotEmpty(ranking.Spots);
        var sure = ranking.Spots.Where(s => s.List != SpotList.FindOut);
        Assert.All(sure, s => Assert.True(s.Way.By == Who.Me ? s.Worth > 0 : s.Worth < 0, s.Say));
        Assert.True(ranking.ValuePerRoll < 0);
    }

    [Fact]
    public void What_happened_once_is_set_aside_when_other_things_happened_more()
    {
        var ranking = WeakSpotRanking.Of(DemoTests.Log, MatVocabulary.BuiltIn, Aim.Points);
        Assert.All(ranking.Spots, s => Assert.True(s.Attempts >= WeakSpotRanking.Few));
        Assert.All(ranking.Untested, u => Assert.Equal(1, u.Attempts));
        Assert.NotEmpty(ranking.Untested);
    }
}
