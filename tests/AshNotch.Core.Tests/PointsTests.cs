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
}
