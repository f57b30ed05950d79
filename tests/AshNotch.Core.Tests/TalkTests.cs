using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>What happened and what was only spoken of, side by side in one telling.</summary>
public class TalkTests
{
    private static IReadOnlyList<string> Moves(string text, params OwnName[] own) =>
        [
            .. Trade
                .Read(text, null, own)
                .Exchanges.SelectMany(e => e.Exchange.Notches)
                .Select(n => $"{n.Move?.Value ?? n.To?.Value} {Term.Of(n.Outcome)}"),
        ];

    [Theory]
    [InlineData("I should have stood up but he swept me.", "sweep landed")]
    [InlineData("If I had framed he could not have passed. He passed.", "guard-pass landed")]
    [InlineData("He always goes for the kimura so this time I was ready. He swept me.", "sweep landed")]
    [InlineData("Yesterday I got caught in a triangle. Today I passed.", "guard-pass landed")]
    [InlineData("We drilled the armbar and the triangle. In the roll I hit a hip bump.", "hip-bump-sweep landed")]
    [InlineData("Coach told me to sit out and stand up. He took my back.", "back-take landed")]
    [InlineData("The pair next to us rolled into us with a double leg. I pulled guard.", "guard-pull landed")]
    [InlineData("He swept me. Like I said he swept me.", "sweep landed")]
    [InlineData("I pulled guard before he could shoot a double.", "guard-pull landed")]
    [InlineData("I wanted to hit the armbar but he passed.", "guard-pass landed")]
    [InlineData("Maybe I need a knee shield there. He passed.", "guard-pass landed")]
    [InlineData("He got me with a triangle just like last week and I tapped.", "triangle-choke tap")]
    [InlineData("Got kneebarred like last time.", "kneebar tap")]
    [InlineData("He passed, same as last Tuesday when she armbarred me.", "guard-pass landed")]
    [InlineData("I passed. She tapped nobody.", "guard-pass landed")]
    public void Only_what_happened_is_counted(string text, string counted) => Assert.Equal([counted], Moves(text));

    [Theory]
    [InlineData("I should have stood up.", "stand-up-escape")]
    [InlineData("Coach said to pull guard.", "guard-pull")]
    [InlineData("We drilled the berimbolo.", "berimbolo")]
    public void What_is_only_said_is_named_all_the_same(string text, string id) =>
        Assert.Contains(Trade.Read(text).Mentions, m => m.Id == id);

    [Fact]
    public void A_submission_of_ones_own_is_one_tap_and_ends_the_exchange()
    {
        OwnName[] own = [new("gym choke", "gym-choke", MoveKind.Submission)];
        Assert.Equal(["gym-choke tap"], Moves("He hit the gym choke. I tapped.", own));
        Assert.Equal(["gym-choke stopped"], Moves("He tried the gym choke but I defended.", own));
        Assert.Equal(["gym-choke near"], Moves("He had the gym choke. I escaped.", own));
    }

    [Fact]
    public void After_a_tap_that_was_said_what_follows_is_another_exchange()
    {
        var exchanges = Trade.Read("He choked me. He passed again.").Exchanges.Select(e => e.Exchange).ToList();
        Assert.Equal([ExchangeEnd.Tap, null], exchanges.Select(e => e.End));
        Assert.Equal(Outcome.Tap, exchanges[0].Notches.Single().Outcome);
    }

    [Fact]
    public void A_tap_that_nobody_said_did_not_happen_if_the_telling_goes_on_there_and_is_asked_about()
    {
        var read = Trade.Read("Started in mount bottom. He got an americana and then he went to s mount and got the armbar and I tapped.");
        Assert.Equal([Outcome.Stopped, Outcome.Landed, Outcome.Tap], read.Exchanges.Single().Exchange.Notches.Select(n => n.Outcome));
        Assert.Contains(read.Questions, q => q.Ask == "Did the americana end in a tap?");
    }

    [Theory]
    [InlineData("I grabbed his collar and his sleeve.")]
    [InlineData("We were hand fighting for a minute.")]
    [InlineData("There was a scramble.")]
    public void Grips_and_scrambles_are_how_and_no_events(string text)
    {
        Assert.NotEmpty(Trade.Read(text).Mentions);
        Assert.Empty(Moves(text));
    }

    [Theory]
    [InlineData("I got the underhook.", "underhook landed")]
    [InlineData("He whizzered.", "whizzer landed")]
    [InlineData("He cross faced me.", "cross-face landed")]
    public void Other_holds_are_events_when_somebody_gets_them(string text, string notch) => Assert.Equal([notch], Moves(text));

    [Fact]
    public void Having_a_hold_is_a_state() => Assert.Empty(Moves("I had an underhook."));
}
