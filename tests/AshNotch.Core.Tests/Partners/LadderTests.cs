using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Partners;

public class LadderTests
{
    private static readonly Way Cut = new(new("half-guard/bottom"), Who.Partner, new MoveId("knee-cut-pass"));
    private const string Underhook = "me old-school-sweep half-guard/bottom>half-guard/top";

    private static PartnerLadder Ladder(Log log) => PartnerLadder.Of(Experience.Of(log, MatVocabulary.BuiltIn), Cut);

    private static (string, string)[][] Times(int count, params (string, string)[] rolls) => [.. Enumerable.Repeat(rolls, count)];

    [Fact]
    public void Partners_stand_from_easier_to_harder_at_the_place_of_the_focus()
    {
        var ladder = Ladder(PartnerLogs.Of(Times(12, ("easy", Underhook), ("hard", PartnerLogs.Cut))));
        Assert.Equal(["easy", "hard"], ladder.Rungs.Select(r => r.Partner));
        Assert.True(ladder.Rungs[0].Chance > ladder.Rungs[1].Chance);
        Assert.Equal(12, ladder.Rungs[0].Rolls);
        Assert.StartsWith("of what comes off there about ", BetweenWords.Yours(ladder.Rungs[0].Chance, 12), StringComparison.Ordinal);
    }

    [Fact]
    public void Who_is_missing_is_said()
    {
        var strong = Ladder(PartnerLogs.Of(Times(20, ("a", PartnerLogs.Cut), ("b", PartnerLogs.Cut)))).Missing;
        Assert.StartsWith("Nobody in your last eight weeks leaves you room", Assert.Single(strong), StringComparison.Ordinal);
        var weak = Ladder(PartnerLogs.Of(Times(20, ("a", Underhook), ("b", Underhook)))).Missing;
        Assert.StartsWith("Nobody in your last eight weeks mostly gets the better", Assert.Single(weak), StringComparison.Ordinal);
        Assert.Empty(Ladder(new Log()).Rungs);
    }

    [Fact]
    public void Rounds_with_much_heavier_people_say_how_they_ended()
    {
        var heavy = PartnerLogs.Named("heavy") with { WeightKg = 100 };
        var log = PartnerLogs.Of([heavy], 2, Times(3, ("heavy", $"{PartnerLogs.Cut}|partner americana side-control/bottom tap")));
        log = log with { Sessions = [.. log.Sessions.Select(s => s with { Rolls = [s.Rolls[0] with { PartnerThen = heavy.Today }] })] };
        Assert.Contains("With people a fifth heavier than you or more: 3 rolls, taps you 0, they 3.", Ladder(log).Missing);
    }
}
