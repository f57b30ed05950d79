using AshNotch.Core.Chain;
using AshNotch.Core.Drilling.Choosing;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Drilling;

/// <summary>What is barred, worn or sore. Which belts may do what: IBJJF rule book, from memory.</summary>
public class RuledOutTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;
    private static readonly DateOnly Day = new(2026, 3, 2);

    private static Way Mine(string move, string from = "saddle/attacking") => new(new(from), Who.Me, new(move));

    [Theory]
    [InlineData("straight-ankle-lock", Belt.White, AgeDivision.Adult, Attire.Gi, false)]
    [InlineData("wrist-lock", Belt.White, AgeDivision.Adult, Attire.Gi, true)]
    [InlineData("wrist-lock", Belt.Blue, AgeDivision.Adult, Attire.Gi, false)]
    [InlineData("wrist-lock", Belt.Blue, AgeDivision.Juvenile, Attire.Gi, true)]
    [InlineData("kneebar", Belt.Purple, AgeDivision.Adult, Attire.NoGi, true)]
    [InlineData("kneebar", Belt.Brown, AgeDivision.Adult, Attire.Gi, false)]
    [InlineData("toe-hold", Belt.Brown, AgeDivision.Adult, Attire.Gi, false)]
    [InlineData("inside-heel-hook", Belt.Purple, AgeDivision.Adult, Attire.NoGi, true)]
    [InlineData("inside-heel-hook", Belt.Black, AgeDivision.Adult, Attire.Gi, true)]
    [InlineData("inside-heel-hook", Belt.Black, AgeDivision.Master1, Attire.NoGi, true)]
    [InlineData("inside-heel-hook", Belt.Brown, AgeDivision.Adult, Attire.NoGi, false)]
    [InlineData("jump-guard", Belt.White, AgeDivision.Adult, Attire.Gi, true)]
    [InlineData("flying-triangle", Belt.Blue, AgeDivision.Adult, Attire.Gi, false)]
    [InlineData("kani-basami", Belt.Black, AgeDivision.Adult, Attire.NoGi, true)]
    [InlineData("neck-crank", Belt.Black, AgeDivision.Adult, Attire.NoGi, true)]
    public void A_move_is_barred_by_belt_age_and_attire(string move, Belt belt, AgeDivision age, Attire attire, bool barred) =>
        Assert.Equal(barred, Barred.Why(Mat.Move(new MoveId(move))!, belt, age, attire) is not null);

    [Fact]
    public void Who_has_no_belt_on_record_is_taken_for_a_white_belt() =>
        Assert.NotNull(Barred.Why(Mat.Move(new MoveId("kneebar"))!, null, null, null));

    [Fact]
    public void The_lists_name_moves_and_positions_that_there_are()
    {
        var barred = Rulesets.Matches.SelectMany(r => r.Barred).SelectMany(b => b.Moves ?? []);
        Assert.All(barred, m => Assert.NotNull(Mat.Move(new MoveId(m))));
        Assert.All(Sore.Named, n => Assert.True(n.IsMove ? Mat.Move(new MoveId(n.Id)) is not null : Mat.Position(n.Id) is not null, n.Id));
        Assert.Equal(Term.All<SorePlace>(), Sore.Places);
    }

    [Theory]
    [InlineData(SorePlace.Knee, true, "toe-hold", true)]
    [InlineData(SorePlace.Knee, true, "triangle-choke", false)]
    [InlineData(SorePlace.Knee, false, "triangle-choke", true)]
    [InlineData(SorePlace.Neck, true, "guillotine", true)]
    [InlineData(SorePlace.Elbow, true, "armbar", true)]
    [InlineData(SorePlace.Elbow, true, "scissor-sweep", false)]
    public void What_is_sore_rules_out_what_attacks_it_and_unless_mild_what_loads_it(SorePlace place, bool mild, string move, bool ruled)
    {
        var way = Mine(move, "closed-guard/bottom");
        Assert.Equal(ruled, Sore.RulingOut(way, [new SoreSpot(place, mild, Day)], Mat) is not null);
        Assert.Null(Sore.RulingOut(way, [], Mat));
    }

    [Fact]
    public void A_place_that_loads_what_is_sore_is_left_out_whatever_the_move() =>
        Assert.NotNull(Sore.RulingOut(Mine("sweep", "spider-guard/bottom"), [new SoreSpot(SorePlace.Fingers, false, Day)], Mat));

    [Fact]
    public void What_the_sessions_or_the_competition_do_not_allow_is_not_proposed()
    {
        var brown = new Practitioner { Belt = Belt.Brown };
        var noGi = new MyWeek { Days = [new TrainingDay(DayOfWeek.Monday, Attire.NoGi, 10, 10, false)] };
        Assert.Contains(
            "needs the gi",
            RuledOut.Why(Mine("bow-and-arrow-choke", "back-control/top"), brown, noGi, Mat),
            StringComparison.Ordinal
        );
        Assert.Null(RuledOut.Why(Mine("inside-heel-hook"), brown, noGi, Mat));
        var coming = noGi with { Competition = new Competition(Day, Attire.Gi, null, null) };
        Assert.StartsWith("at the competition", RuledOut.Why(Mine("inside-heel-hook"), brown, coming, Mat), StringComparison.Ordinal);
        var sore = noGi with { Sore = [new SoreSpot(SorePlace.Knee, true, Day)] };
        Assert.Contains("your knee is sore", RuledOut.Why(Mine("inside-heel-hook"), brown, sore, Mat), StringComparison.Ordinal);
    }

    [Fact]
    public void Points_are_counted_by_the_rules_of_the_competition_that_is_coming()
    {
        Goal usual = Aim.Points;
        var other = Rulesets.All.First(r => r.Id != usual.Rules.Id);
        MyWeek Coming(string? rules) => new() { Competition = new Competition(new(2026, 6, 1), null, null, rules) };
        Assert.Equal(usual with { Rules = other }, Coming(other.Id).Under(usual, Rulesets.All));
        Assert.Equal(usual, Coming(null).Under(usual, Rulesets.All));
        Assert.Equal(usual, Coming("not known here").Under(usual, Rulesets.All));
        Assert.Equal(usual, new MyWeek().Under(usual, Rulesets.All));
    }
}
