using AshNotch.Core.Matches;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Tests.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Matches;

/// <summary>What is pressed while a match goes on scores as a referee's hand would say (IBJJF rule book, from memory).</summary>
public class LiveMatchTests
{
    [Theory]
    [InlineData("me takedown", "2-0 me by points")]
    [InlineData("me takedown|me pass|me mount", "9-0 me by points")]
    [InlineData("me takedown|me pass|me knee-on-belly|me mount|me back", "15-0 me by points")]
    [InlineData("me guard-pull|partner pass", "0-3 partner by points")]
    [InlineData("me guard-pull|me sweep|me pass", "5-0 me by points")]
    [InlineData("me guard-pull|me sweep|partner sweep", "2-2 level by referee")]
    [InlineData("partner takedown|me sweep near", "0-2 a1-0 partner by points")]
    [InlineData("me pass not-held", "0-0 a1-0 me by advantages")]
    [InlineData("partner guard-pull|me pass not-held|me pass|me mount", "7-0 a1-0 me by points")]
    [InlineData("me mount not-held|me mount", "4-0 a1-0 me by points")]
    [InlineData("me submission near", "0-0 a1-0 me by advantages")]
    [InlineData("partner mount|me submission", "0-4 me by tap")]
    [InlineData("me penalty|me penalty|me penalty", "0-2 a0-1 p3-0 partner by points")]
    [InlineData("me penalty|me penalty|me penalty|me penalty", "0-2 a0-1 p4-0 partner by penalties")]
    [InlineData("partner takedown|me stand-up|partner takedown", "0-4 partner by points")]
    [InlineData("partner takedown|partner pass|me reversal", "0-5 partner by points")]
    public void What_is_pressed_is_scored(string pressed, string score) => Assert.Equal(score, Told.Say(Ledger(pressed)));

    [Fact]
    public void What_is_pressed_after_the_tap_is_left_out()
    {
        var roll = Roll("me submission|partner takedown");
        Assert.Equal(ExchangeEnd.Tap, roll.Exchanges[0].End);
        Assert.Single(roll.Notches);
    }

    [Fact]
    public void A_lead_of_seven_with_seconds_left_is_not_flipped_by_a_sweep()
    {
        var ledger = Core.Scoring.Ledger.Of(
            Roll("me pass|me mount") with
            {
                Minutes = 5,
            },
            Rulebook.Shipped.Usual(Attire.Gi),
            MatVocabulary.BuiltIn,
            left: 24
        );
        Assert.Equal("7-0 me by points", Told.Say(ledger));
        Assert.Empty(ledger.Flips);
        Assert.Equal(
            ["No single event that they can still score flips it.", "Protect it: hold the place you have, and open nothing."],
            LeadWords.Of(ledger, LeadSchool.Protect)
        );
    }

    [Theory]
    [InlineData(LeadSchool.Protect, "Protect it", "Finish:")]
    [InlineData(LeadSchool.Finish, "Finish:", "Protect it")]
    public void What_is_made_of_a_lead_follows_the_school(LeadSchool school, string said, string not)
    {
        var words = string.Join(' ', LeadWords.Of(Ledger("me takedown"), school));
        Assert.Contains("out of reach of any one of them after a pass", words, StringComparison.Ordinal);
        Assert.Contains(said, words, StringComparison.Ordinal);
        Assert.DoesNotContain(not, words, StringComparison.Ordinal);
    }

    [Fact]
    public void What_flips_the_lead_is_one_sentence_a_side() =>
        Assert.Equal(["Puts them ahead: pass, 3-2; mount or back, 4-2."], LedgerWords.Flips(Ledger("me takedown")));

    [Theory]
    [InlineData("partner penalty|partner penalty|partner penalty|partner penalty")]
    [InlineData("me takedown|me submission")]
    public void What_is_over_has_no_lead_to_protect_and_nothing_flips_it(string pressed)
    {
        var ledger = Ledger(pressed);
        Assert.True(ledger.IsOver);
        Assert.Equal(Who.Me, ledger.Leader);
        Assert.Empty(LeadWords.Of(ledger, LeadSchool.Both));
        Assert.Empty(LedgerWords.Flips(ledger));
        Assert.False(Ledger("me takedown|partner penalty|partner penalty|partner penalty").IsOver);
    }

    [Fact]
    public void Who_is_behind_is_told_nothing_of_a_lead()
    {
        Assert.Empty(LeadWords.Of(Ledger("me guard-pull"), LeadSchool.Both));
        Assert.DoesNotContain(
            "Protect",
            string.Join(' ', LeadWords.Of(Ledger("partner takedown"), LeadSchool.Both)),
            StringComparison.Ordinal
        );
    }

    private static Ledger Ledger(string pressed) =>
        Core.Scoring.Ledger.Of(Roll(pressed), Rulebook.Shipped.Usual(Attire.Gi), MatVocabulary.BuiltIn);

    private static Roll Roll(string pressed) =>
        LiveMatch.In(new Roll { Id = "r" }, pressed.Split('|').Select(Press), MatVocabulary.BuiltIn);

    private static LiveEvent Press(string pressed)
    {
        var parts = pressed.Split(' ');
        Assert.True(Term.TryRead<ScoredFor>(parts[1], out var what));
        var how = LiveHow.Scored;
        Assert.True(parts.Length < 3 || Term.TryRead(parts[2], out how));
        return new LiveEvent(parts[0] == "me" ? Who.Me : Who.Partner, what, how, null);
    }
}
