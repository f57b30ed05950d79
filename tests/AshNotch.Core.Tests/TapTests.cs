using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Tests;

/// <summary>A tap whose side or fact is not said is asked; one that is said is counted without a question.</summary>
public class TapTests
{
    private static IReadOnlyList<Notch> Taps(string text) =>
        [.. Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches).Where(n => n.Outcome == Outcome.Tap)];

    [Theory]
    [InlineData("I pulled guard. He passed. He finished an americana.")]
    [InlineData("He got an armbar and I tapped.")]
    [InlineData("I tapped them.")]
    [InlineData("They tapped me.")]
    [InlineData("She submitted me with a bow and arrow choke.")]
    [InlineData("he took my back and choked me i tapped")]
    [InlineData("I got caught in his triangle and tapped.")]
    public void What_is_said_is_counted(string text)
    {
        Assert.False(Assert.Single(Taps(text)).Unsure);
        Assert.Empty(Trade.Read(text).Questions);
    }

    [Theory]
    [InlineData("I went for the scissor sweep, choked me.")]
    [InlineData("I passed to side control. Tapped fast.")]
    [InlineData("We scrambled. Armbar, tap.")]
    [InlineData("He tapped me three times.")]
    public void What_is_inherited_is_asked(string text)
    {
        Assert.All(Taps(text), tap => Assert.True(tap.Unsure));
        Assert.NotEmpty(Trade.Read(text).Questions);
    }

    [Theory]
    [InlineData("He never tapped me.")]
    [InlineData("Neither of us tapped.")]
    [InlineData("She had the armbar but I didn't tap.")]
    [InlineData("I should have tapped there.")]
    [InlineData("I have two taped fingers.")]
    public void What_did_not_happen_is_none(string text) => Assert.Empty(Taps(text));

    [Fact]
    public void A_choke_told_without_its_owner_is_theirs_when_it_was_on_me()
    {
        var tap = Assert.Single(Taps("I went for the scissor sweep, choked me."));
        Assert.Equal((Vocabulary.Who.Partner, true), (tap.By, tap.Unsure));
    }

    [Fact]
    public void A_tapped_knee_is_asked()
    {
        var taps = Taps("He passed to side control. I tapped his knee.");
        Assert.All(taps, tap => Assert.True(tap.Unsure));
    }

    [Fact]
    public void Who_tapped_is_asked_with_every_way_out()
    {
        var question = Assert.Single(Trade.Read("I passed to side control. Tapped fast.").Questions);
        Assert.Equal(("Who tapped?", Doubt.Who), (question.Ask, question.About));
        Assert.Equal(["I did", "Nobody", "They did"], question.Answers.Select(a => a.Say).Order());
        Assert.Null(question.Answers[^1].Notch);
    }
}
