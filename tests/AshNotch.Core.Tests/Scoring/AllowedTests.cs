using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Scoring;

/// <summary>Which moves are for whom: IBJJF rule book, from memory.</summary>
public class AllowedTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;

    [Theory]
    [InlineData("inside-heel-hook", "federation-no-gi", Belt.Purple, AgeDivision.Adult, AllowedStanding.Barred)]
    [InlineData("inside-heel-hook", "federation-no-gi", Belt.Brown, AgeDivision.Adult, AllowedStanding.Allowed)]
    [InlineData("inside-heel-hook", "federation-no-gi", Belt.Black, AgeDivision.Master1, AllowedStanding.Barred)]
    [InlineData("inside-heel-hook", "federation-gi", Belt.Black, AgeDivision.Adult, AllowedStanding.Barred)]
    [InlineData("inside-heel-hook", "submission-grappling", Belt.White, AgeDivision.Adult, AllowedStanding.NotKnown)]
    [InlineData("straight-ankle-lock", "federation-gi", Belt.White, AgeDivision.Adult, AllowedStanding.Allowed)]
    [InlineData("wrist-lock", "federation-gi", Belt.White, AgeDivision.Adult, AllowedStanding.Barred)]
    [InlineData("wrist-lock", "federation-gi", Belt.Blue, AgeDivision.Adult, AllowedStanding.Allowed)]
    [InlineData("wrist-lock", "federation-gi", Belt.Blue, AgeDivision.Juvenile, AllowedStanding.Barred)]
    [InlineData("kneebar", "federation-gi", Belt.Purple, AgeDivision.Adult, AllowedStanding.Barred)]
    [InlineData("kani-basami", "federation-gi", Belt.Black, AgeDivision.Adult, AllowedStanding.Barred)]
    [InlineData("armbar", "federation-gi", Belt.White, AgeDivision.Adult, AllowedStanding.NotKnown)]
    public void A_move_is_allowed_barred_or_not_known(string move, string rules, Belt belt, AgeDivision age, AllowedStanding standing)
    {
        var by = Rulebook.Shipped.Match(rules, null)!;
        var said = Allowed.Of(Mat.Move(new MoveId(move))!, by, new Competitor(belt, age, by.Attire));
        Assert.Equal((standing, standing == AllowedStanding.NotKnown), (said.Standing, said.Why is null));
    }

    [Theory]
    [InlineData(RollKind.Match, Belt.Purple, true)]
    [InlineData(RollKind.Match, Belt.Brown, false)]
    [InlineData(RollKind.Free, Belt.Purple, false)]
    public void What_is_barred_in_a_match_is_a_line_that_counts_nothing(RollKind kind, Belt belt, bool said)
    {
        var rules = Rulebook.Shipped.Match("federation-no-gi", null)!;
        var roll = Told.Roll("me inside-heel-hook saddle/attacking near|partner - standing/neutral>standing/neutral threatened", kind);
        var two = new Pairing(new Competitor(belt, AgeDivision.Adult, Attire.NoGi), new Competitor(belt, AgeDivision.Adult, Attire.NoGi));
        var (with, without) = (Ledger.Of(roll, rules, Mat, two), Ledger.Of(roll, rules, Mat));
        Assert.Equal(without.State, with.State);
        Assert.Equal(
            said,
            with.Lines.Any(l => l.For == ScoredFor.Penalty && l.Why.StartsWith("Not allowed here: heel hooks", StringComparison.Ordinal))
        );
    }

    [Fact]
    public void A_line_that_is_overruled_keeps_what_was_computed_beside_it()
    {
        var roll = Told.Roll("me knee-cut-pass half-guard/top>side-control/top");
        var ruled = roll.Notches.First() with
        {
            Rulings = [new Ruling(ScoredFor.Pass, 0, 1, "never settled"), new Ruling(ScoredFor.Mount, 4, 0, null)],
        };
        var ledger = Told.Scored(roll with { Exchanges = [new Exchange { Notches = [ruled] }] }, "federation-gi");
        Assert.Equal("4-0 a1-0 me by points", Told.Say(ledger));
        Assert.Equal(3, ledger.Lines[0].Computed?.Points);
        Assert.Equal("Overruled: never settled", ledger.Lines[0].Why);
        Assert.Equal((ScoredFor.Mount, 0), (ledger.Lines[1].For, ledger.Lines[1].Computed?.Points));
        Assert.Equal(ledger.State, ledger.NotHeld);
    }

    [Theory]
    [InlineData("me knee-cut-pass half-guard/top>side-control/top", 1)]
    [InlineData("me knee-cut-pass half-guard/top>side-control/top +held", 0)]
    [InlineData("me knee-cut-pass half-guard/top>side-control/top|me armbar side-control/top tap", 0)]
    [InlineData(
        "me double-leg standing/neutral>open-guard/top|me knee-cut-pass open-guard/top>side-control/top|partner - side-control/bottom>mount/bottom",
        1
    )]
    [InlineData("me knee-cut-pass half-guard/top>side-control/top||me knee-cut-pass half-guard/top>side-control/top", 2)]
    public void Held_is_asked_where_the_match_hangs_on_it(string told, int asked)
    {
        var rules = Rulebook.Shipped.Match("federation-gi", null)!;
        Assert.Equal(asked, HeldQuestions.Of(Told.Roll(told), rules, Mat).Count);
        Assert.Empty(HeldQuestions.Of(Told.Roll(told, RollKind.Free), rules, Mat));
    }

    [Theory]
    [InlineData(3, MatchWinner.Me, 0)]
    [InlineData(0, MatchWinner.Draw, 1)]
    public void What_the_board_says_too_is_not_asked(int points, MatchWinner winner, int asked)
    {
        var roll = Told.Roll("me knee-cut-pass half-guard/top>side-control/top") with
        {
            Official = new OfficialResult(new(points, null, null), new(0, null, null), winner, null),
        };
        Assert.Equal(asked, HeldQuestions.Of(roll, Rulebook.Shipped.Usual(Attire.Gi), Mat).Count);
    }
}
