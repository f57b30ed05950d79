using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>The many ways to say that somebody tapped, and to whom.</summary>
public class TapSaidTests
{
    private static string Taps(string text) =>
        string.Join(
            "; ",
            Trade
                .Read(text)
                .Exchanges.SelectMany(e => e.Exchange.Notches)
                .Where(n => n.Outcome == Outcome.Tap)
                .Select(n => $"{Term.Of(n.By)} {n.Move?.Value ?? "-"}")
        );

    [Theory]
    [InlineData("He caught me in a guillotine and that was the end of it.", "partner guillotine")]
    [InlineData("I ended up tapping to a kimura.", "partner kimura")]
    [InlineData("I managed to submit him with a rear naked.", "me rear-naked-choke")]
    [InlineData("I finally tapped the brown belt with a cross choke.", "me cross-collar-choke")]
    [InlineData("He had to tap to my triangle.", "me triangle-choke")]
    [InlineData("He forced the tap with a wrist lock.", "partner wrist-lock")]
    [InlineData("I lost to a footlock.", "partner straight-ankle-lock")]
    [InlineData("I went to sleep in his guillotine.", "partner guillotine")]
    [InlineData("He snapped on an armbar and I tapped.", "partner armbar")]
    [InlineData("I surrendered to the pressure.", "partner -")]
    [InlineData("I cranked the kimura until he said ok ok and tapped.", "me kimura")]
    [InlineData("I tapped early to the kneebar.", "partner kneebar")]
    [InlineData("I tapped when he got the heel hook.", "partner heel-hook")]
    [InlineData("He tapped when I got the heel hook.", "me heel-hook")]
    [InlineData("I had to tap to the heel hook he likes so much.", "partner heel-hook")]
    [InlineData("I tapped to him.", "partner -")]
    [InlineData("She tapped to me.", "me -")]
    [InlineData("He tapped to me, a kimura.", "me kimura")]
    [InlineData("Armbarred by Oak, choked by Elm.", "partner armbar; partner choke")]
    [InlineData("Could not breathe and tapped.", "partner -")]
    [InlineData("Straight ankle, verbal tap from him.", "me straight-ankle-lock")]
    [InlineData("Ended with me tapping to an armbar.", "partner armbar")]
    [InlineData("Ended with me tapping to pressure from north south.", "partner pressure-tap")]
    [InlineData("I submitted to the armbar.", "partner armbar")]
    [InlineData("Got him twice, armbar both times.", "me armbar; me armbar")]
    public void A_tap_is_heard_with_whose_it_was(string text, string taps) => Assert.Equal(taps, Taps(text));

    [Theory]
    [InlineData("She has never tapped to me before.")]
    [InlineData("I have never tapped him.")]
    [InlineData("She never tapped to me.")]
    [InlineData("He did not get the tap.")]
    [InlineData("He had my arm and I sat there not tapping.")]
    [InlineData("Passed twice, tapped 0.")]
    public void What_has_never_been_is_no_tap(string text) => Assert.Equal("", Taps(text));

    // Signs that are explained stand for something, and are nothing that happened.
    [Fact]
    public void A_legend_is_no_tap() => Assert.Equal("me armbar", Taps("W=I tapped them, L=they tapped me. W vs blue: armbar"));

    [Theory]
    [InlineData("Under side control: elbow escape 3, stuck 2.", 3)]
    [InlineData("Under side control: elbow escape 2", 2)]
    [InlineData("Under side control: elbow escape 2 minutes in.", 1)]
    [InlineData("Under side control: elbow escape 3-1.", 1)]
    public void A_number_after_a_name_counts_it(string text, int times) =>
        Assert.Equal(times, Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches).Count(n => n.Move?.Value == "elbow-escape"));
}
