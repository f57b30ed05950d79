using AshNotch.Core.Chain;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>Against the IBJJF rule book's points, quoted from memory.</summary>
public class PointsTests
{
    [Theory]
    [InlineData("standing/neutral", "open-guard/top", 2)]
    [InlineData("standing/neutral", "side-control/top", 2)]
    [InlineData("closed-guard/bottom", "open-guard/top", 2)]
    [InlineData("closed-guard/bottom", "mount/top", 6)]
    [InlineData("half-guard/top", "side-control/top", 3)]
    [InlineData("half-guard/top", "mount/top", 7)]
    [InlineData("open-guard/top", "knee-on-belly/top", 5)]
    [InlineData("side-control/top", "mount/top", 4)]
    [InlineData("side-control/top", "knee-on-belly/top", 2)]
    [InlineData("mount/top", "back-control/top", 4)]
    [InlineData("turtle/top", "back-control/top", 4)]
    [InlineData("mount/top", "s-mount/top", 0)]
    [InlineData("turtle/top", "body-triangle/top", 0)]
    [InlineData("standing/neutral", "open-guard/bottom", 0)]
    [InlineData("mount/bottom", "closed-guard/top", 0)]
    [InlineData("side-control/bottom", "half-guard/bottom", 0)]
    [InlineData("half-guard/top", "my-own-place/top", 0)]
    public void A_change_of_place_scores_the_same_for_either(string from, string to, int points)
    {
        var vocabulary = MatVocabulary.BuiltIn;
        Assert.Equal(points, PlacePoints.Of(Ruleset.Federation, vocabulary, new(from), new(to), Who.Me));
        Assert.Equal(points, PlacePoints.Of(Ruleset.Federation, vocabulary, new PlaceId(from).Mirror, new PlaceId(to).Mirror, Who.Partner));
    }

    /// <summary>Against the ADCC rules' points, quoted from memory.</summary>
    [Theory]
    [InlineData("standing/neutral", "open-guard/top", 2)]
    [InlineData("standing/neutral", "side-control/top", 4)]
    [InlineData("closed-guard/bottom", "open-guard/top", 2)]
    [InlineData("closed-guard/bottom", "mount/top", 6)]
    [InlineData("half-guard/top", "side-control/top", 3)]
    [InlineData("mount/top", "back-control/top", 3)]
    public void Submission_grappling_gives_more_for_what_ends_past_the_guard(string from, string to, int points) =>
        Assert.Equal(points, PlacePoints.Of(Of("submission-grappling"), MatVocabulary.BuiltIn, new(from), new(to), Who.Me));

    [Fact]
    public void Under_submission_only_a_tap_is_all_that_counts()
    {
        var goal = new Goal(Aim.Points, Of("submission-only"));
        var mat = MatVocabulary.BuiltIn;
        Assert.Equal(0, Reward.Of(goal, mat, new("half-guard/bottom"), new("side-control/bottom"), Who.Partner));
        Assert.Equal(-10, Reward.Of(goal, mat, new("back-control/bottom"), null, Who.Partner));
    }

    [Fact]
    public void Every_ruleset_says_where_its_values_come_from()
    {
        Assert.Equal(["federation", "submission-grappling", "submission-only", Ruleset.HouseId], Rulesets.All.Select(r => r.Id));
        Assert.All(Rulesets.All, r => Assert.NotEmpty(r.Source));
        Assert.All(
            Rulesets.Matches.SelectMany(m => m.Scores),
            s => Assert.True(s.Source.Length > 0 && s.Points is > 0 and <= Ruleset.Most)
        );
    }

    private static Ruleset Of(string id) => Rulesets.All.Single(r => r.Id == id);
}
