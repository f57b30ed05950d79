using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>Exchanges as one would say them on the mat, and the doubt beside a ranking.</summary>
public class WayWordsTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;

    [Theory]
    [InlineData("half-guard/bottom", "knee-cut-pass", "side-control/bottom", "They pass your half guard with the knee cut")]
    [InlineData("open-guard/bottom", "guard-pass", "side-control/bottom", "They pass your open guard")]
    [InlineData("closed-guard/top", "scissor-sweep", "mount/bottom", "They sweep you from their closed guard with the scissor sweep")]
    [InlineData("standing/neutral", "double-leg", "open-guard/bottom", "They take you down with the double leg")]
    [InlineData("standing/neutral", "takedown", "open-guard/bottom", "They take you down")]
    [InlineData("side-control/bottom", "back-take", "back-control/bottom", "They take your back from their side control")]
    [InlineData("mount/bottom", "armbar", "tap", "They finish the armbar from their mount")]
    [InlineData("side-control/top", "escape", "half-guard/top", "They escape your side control")]
    [InlineData("half-guard/bottom", "flatten-out", "half-guard/bottom", "They improve in your half guard with the flatten out")]
    [InlineData("side-control/bottom", null, "mount/bottom", "They get to their mount from their side control")]
    public void What_they_do_is_said_in_good_English(string from, string? move, string to, string words) =>
        Assert.Equal(words, WayWords.Theirs(new Way(new(from), Who.Partner, MoveId.Of(move)), [to], Mat));

    [Fact]
    public void A_first_week_is_said_to_be_a_first_idea_and_a_long_clear_log_has_no_doubt()
    {
        string? Doubt(int rolls) =>
            WeakSpotRanking.Of(Experience.Of(Trade.LogOf(Enumerable.Repeat(Trade.KneeCut, rolls)), Mat), Aim.Points, Against.Usual).Doubt;
        Assert.Contains("3 rolls this is a first idea", Doubt(3), StringComparison.Ordinal);
        Assert.Null(Doubt(60));
        Assert.Null(WeakSpotRanking.Of(new Log(), Mat, Aim.Points).Doubt);
    }

    [Fact]
    public void Where_nothing_stands_out_that_is_said()
    {
        string[] moves = ["knee-cut-pass", "guard-pass", "body-lock-pass", "backstep-pass", "smash-pass", "over-under-pass", "stack-pass"];
        var even = moves.SelectMany(m => Alike(Trade.KneeCut with { Move = new(m) }));
        var ranking = WeakSpotRanking.Of(Trade.LogOf(even), Mat, Aim.Points);
        Assert.InRange(ranking.Spots[0].FirstShare, 0, 0.249);
        Assert.StartsWith("No one exchange stands out yet", ranking.Doubt, StringComparison.Ordinal);
    }

    private static IEnumerable<Notch> Alike(Notch landed) =>
        Enumerable.Repeat(landed, 4).Concat(Enumerable.Repeat(landed with { Outcome = Outcome.Stopped, To = null }, 8));
}
