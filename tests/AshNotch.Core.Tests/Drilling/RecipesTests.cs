using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Drilling;

/// <summary>Recipes, each with its example, and the rounds that are written from them.</summary>
public class RecipesTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;
    private static readonly HashSet<School> FirstLines = [];

    public static TheoryData<int> Numbers => [.. Enumerable.Range(0, Recipes.All.Count)];

    private static Ladder LadderOf(Way way, IReadOnlySet<School>? second = null) => new(way, null, second ?? FirstLines, Mat);

    [Theory]
    [MemberData(nameof(Numbers))]
    public void A_recipe_is_for_its_example_and_every_rung_of_it_can_be_said(int number)
    {
        var recipe = Recipes.All[number];
        Assert.Same(recipe, Recipes.For(recipe.Example, Mat));
        Assert.Equal(recipe.Direction == Direction.Land ? Who.Me : Who.Partner, recipe.Example.By);
        Assert.NotNull(Mat.Move(recipe.Example.Move));
        Assert.InRange(recipe.Checks.Count, 1, 3);
        Assert.InRange(recipe.Cues.Count, 2, 4);
        Assert.NotEmpty(recipe.Do);
        Assert.NotEmpty(recipe.Dont);
        var ladder = LadderOf(recipe.Example);
        foreach (var rung in Enum.GetValues<Rung>())
        {
            var round = ladder.Round(rung, rung == Rung.Live ? 0 : 6);
            IEnumerable<string> sentences = [round.Say, .. round.Cues, .. round.Do, .. round.Dont, .. round.Cautions];
            Assert.All(
                sentences,
                s =>
                {
                    Assert.EndsWith(".", s, StringComparison.Ordinal);
                    Assert.DoesNotContain("{", s, StringComparison.Ordinal);
                    Assert.DoesNotContain("  ", s, StringComparison.Ordinal);
                    Assert.True(char.IsUpper(s[0]), s);
                }
            );
            Assert.Equal(rung == Rung.Live, round.Start is null);
            Assert.Equal(rung is Rung.FromThePlace or Rung.OneStepEarlier ? 5 : 0, round.Starts);
            Assert.True(rung == Rung.Live || round.Asks.Contains("pace", StringComparison.Ordinal), round.Asks);
        }
    }

    [Fact]
    public void Every_place_has_a_recipe_in_both_directions()
    {
        foreach (var place in Mat.Places)
        foreach (var by in Enum.GetValues<Who>())
            Assert.NotNull(Recipes.For(new Way(place.Id, by, null), Mat));
        Assert.Null(Recipes.For(new Way(new("my-own/top"), Who.Me, null), Mat));
    }

    [Theory]
    [InlineData(
        "half-guard/bottom",
        Who.Partner,
        "knee-cut-pass",
        Rung.FromThePlace,
        "Start in your half guard on your side, with the frame or underhook you usually have. Half pace, restart when it is lost. "
            + "Kept when you are on your side with a frame again, or came up; lost when they are past, or you are flat under a crossface. "
            + "Five starts each, then swap."
    )]
    [InlineData(
        "standing/neutral",
        Who.Me,
        "double-leg",
        Rung.Live,
        "In live rolls: two honest entries of the double leg before anyone sits."
    )]
    [InlineData(
        "dogfight/neutral",
        Who.Me,
        "dogfight-knee-tap",
        Rung.Repetitions,
        "Start in the dogfight with underhook or shield as the underhook knee tap sweep starts. Slow repetitions, ten each, then swap; nobody resists."
    )]
    public void A_round_is_said_as_a_coach_would(string from, Who by, string move, Rung rung, string words) =>
        Assert.Equal(words, LadderOf(new Way(new(from), by, new(move))).Round(rung, 6).Say);

    [Fact]
    public void The_step_before_is_where_the_place_comes_from_in_my_own_rolls()
    {
        var way = new Way(new("half-guard/bottom"), Who.Partner, new("knee-cut-pass"), Side: BodySide.Left);
        var round = new Ladder(way, new("seated-guard/bottom"), FirstLines, Mat).Round(Rung.OneStepEarlier, 10);
        Assert.Equal(new PlaceId("seated-guard/bottom"), round.Start);
        Assert.Equal(10, round.Starts);
        Assert.StartsWith(
            "Start one step earlier, in your seated guard: that is what most often leads to your half guard",
            round.Say,
            StringComparison.Ordinal
        );
        Assert.EndsWith("On the left first; that is the side that fails.", round.Say, StringComparison.Ordinal);
    }

    [Fact]
    public void Where_schools_differ_the_careful_line_holds_until_another_is_chosen()
    {
        var choke = new Way(new("back-control/bottom"), Who.Partner, new("rear-naked-choke"));
        Assert.Contains("Arm under the chin: tap, and start again.", LadderOf(choke).Round(Rung.FromThePlace, 6).Do);
        var enduring = LadderOf(choke, new HashSet<School> { School.TapOrEndure }).Round(Rung.FromThePlace, 6);
        Assert.DoesNotContain(enduring.Do, d => d.StartsWith("Arm under the chin", StringComparison.Ordinal));
        Assert.Contains(enduring.Do, d => d.Contains("tap before it goes dark", StringComparison.Ordinal));
    }

    [Fact]
    public void Where_it_can_hurt_the_round_says_so()
    {
        var heel = LadderOf(new Way(new("saddle/defending"), Who.Partner, new("inside-heel-hook")));
        Assert.Contains(heel.Round(Rung.FromThePlace, 6).Cautions, c => c.Contains("before they hurt", StringComparison.Ordinal));
        Assert.Contains(heel.Round(Rung.FromThePlace, 6).Cautions, c => c.Contains("Nobody applies a leg lock", StringComparison.Ordinal));
        Assert.Empty(LadderOf(new Way(new("mount/bottom"), Who.Me, new("elbow-escape"))).Round(Rung.FromThePlace, 6).Cautions);
    }
}
