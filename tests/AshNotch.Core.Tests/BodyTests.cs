using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>Tellings without the names of the trade: what bodies did, and what somebody tapped to.</summary>
public class BodyTests
{
    private static string Told(string text) =>
        string.Join(
            "; ",
            Trade
                .Read(text)
                .Exchanges.SelectMany(e => e.Exchange.Notches)
                .Select(n => $"{Term.Of(n.By)} {n.Move?.Value ?? n.To?.Value ?? "-"} {Term.Of(n.Outcome)}")
        );

    [Theory]
    [InlineData("He is sitting on me.", "partner take-mount landed")]
    [InlineData("He moved up till he was sitting on my stomach.", "partner take-mount landed")]
    [InlineData("He kind of ran around my legs.", "partner guard-pass landed")]
    [InlineData("She threw my feet aside.", "partner guard-pass landed")]
    [InlineData("I hugged his legs together and slid past them to the side.", "me guard-pass landed")]
    [InlineData("He grabbed both my legs and dumped me.", "partner takedown landed")]
    [InlineData("I got him to the ground.", "me takedown landed")]
    [InlineData("We were standing. He kicked my leg out.", "partner takedown landed")]
    [InlineData("I had him between my legs.", "me close-the-guard landed")]
    [InlineData("She trapped one of my legs between hers.", "partner recover-half-guard landed")]
    [InlineData("I spun behind him and held him from behind.", "me go-behind landed")]
    [InlineData("He was lying across me.", "partner take-side-control landed")]
    [InlineData("He lay next to me holding my head.", "partner take-kesa-gatame landed")]
    [InlineData("He had his legs around me. I stood up in his legs.", "partner close-the-guard landed; me stand-in-guard landed")]
    public void What_bodies_do_is_heard(string text, string told) => Assert.Equal(told, Told(text));

    // Nobody is named in what "and" joins: it is the same one.
    [Theory]
    [InlineData("I pulled him down on top of me and put my legs around him.", "me guard-pull landed; me close-the-guard landed")]
    [InlineData("He ran around my legs and ended up lying across my chest.", "partner guard-pass landed")]
    public void What_is_joined_is_done_by_the_same_one(string text, string told) => Assert.Equal(told, Told(text));

    // Whoever acts did it, whose leg or arm it was done with.
    [Theory]
    [InlineData("He tripped me with a leg behind mine and landed between my legs.", "partner takedown landed")]
    [InlineData("He wrapped up my head and arm and squeezed. Tap.", "partner arm-triangle-choke tap")]
    [InlineData("He leaned his forearm in my throat and I gave up.", "partner choke tap")]
    [InlineData("I went for the triangle but gave up.", "me triangle-choke abandoned")]
    [InlineData("He strangled me twice from behind.", "partner choke tap; partner choke tap")]
    [InlineData("He hugged my head and my arm and squeezed. I tapped.", "partner arm-triangle-choke tap")]
    [InlineData("I had closed guard. He shook me off and passed.", "partner open-the-guard landed; partner guard-pass landed")]
    public void Who_acts_did_it(string text, string told) => Assert.Equal(told, Told(text));

    // A back is the trade's when somebody is on it.
    [Theory]
    [InlineData("He turned his back into me.")]
    [InlineData("I got her back to the floor.")]
    public void A_back_may_be_a_back(string text) => Assert.Equal("", Told(text));

    // Where the words stand makes it a sweep or a takedown, whatever they are.
    [Theory]
    [InlineData("I had closed guard. I knocked her over backwards.", "me sweep landed")]
    [InlineData("We were standing. I knocked her over backwards.", "me takedown landed")]
    public void Who_falls_was_swept_from_a_guard_and_taken_down_from_the_feet(string text, string told) =>
        Assert.EndsWith(told, Told(text));

    [Theory]
    [InlineData("He threw his leg over me.")]
    [InlineData("He passed my arm under his leg.")]
    [InlineData("I shot my hips back.")]
    [InlineData("He pulled my arm across.")]
    [InlineData("She straightened her arm.")]
    [InlineData("I got up on one knee.")]
    public void Moving_a_limb_is_no_move_of_the_trade(string text) => Assert.Equal("", Told(text));

    [Theory]
    [InlineData("He twisted my foot and I tapped.", "partner heel-hook tap")]
    [InlineData("He choked me with my own jacket.", "partner cross-collar-choke tap")]
    [InlineData("He got his arm under my chin from behind and I had to tap.", "partner rear-naked-choke tap")]
    [InlineData("She caught my head under her arm when I went for her legs and I had to tap.", "partner guillotine tap")]
    [InlineData("I wrapped my legs round his head and one arm and he tapped.", "me triangle-choke tap")]
    [InlineData("He bent my arm up my back and I tapped.", "partner kimura tap")]
    public void A_tap_is_to_what_the_body_says(string text, string told) => Assert.Equal(told, Told(text));

    // Only the part of the body is told: what it was is inferred, and says so.
    [Theory]
    [InlineData("He had my foot. I tapped.", "straight-ankle-lock")]
    [InlineData("She did something to my wrist and I had to tap.", "wrist-lock")]
    [InlineData("He did something to my left knee and I tapped.", "kneebar")]
    public void A_tap_is_most_likely_to_what_hurts_there(string text, string move)
    {
        var notch = Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches).Single(n => n.Outcome == Outcome.Tap);
        Assert.Equal(move, notch.Move?.Value);
        Assert.Contains("move", notch.Inferred);
    }

    // It was his own, or two sentences ago.
    [Theory]
    [InlineData("He did something to his foot and I tapped.")]
    [InlineData("He stood on my foot. We rested. Then we went again. I tapped.")]
    public void A_tap_is_to_nothing_where_nothing_of_ones_own_is_near(string text) =>
        Assert.Null(Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches).SingleOrDefault(n => n.Outcome == Outcome.Tap)?.Move);

    [Theory]
    [InlineData("He squeezed my neck, I thought my head would pop, I tapped.", "partner choke tap")]
    [InlineData("He grabbed my collar and crossed them, I tapped.", "partner choke tap")]
    [InlineData("I did not tap.", "")]
    [InlineData("I did not tap and escaped.", "me escape landed")]
    public void What_stands_before_a_tap_does_not_take_it_away(string text, string told) => Assert.Equal(told, Told(text));

    [Theory]
    [InlineData("He snapped me down. He went behind me.", "partner go-behind landed")]
    [InlineData("I was in turtle. He ran round behind.", "partner go-behind landed")]
    [InlineData("He shook my legs open and threw them to the side.", "partner guard-pass landed")]
    [InlineData("He held me off with his feet. I pushed one leg down and stepped over.", "me guard-pass landed")]
    [InlineData("He passed with a body lock, I turned away, he took the back.", "partner body-lock-pass landed")]
    public void More_of_what_bodies_do_is_heard(string text, string told) => Assert.Contains(told, Told(text), StringComparison.Ordinal);

    [Theory]
    [InlineData("We flowed.", "")]
    [InlineData("Can't believe it, the old school worked.", "me old-school-sweep landed")]
    public void Words_of_every_day_are_no_names_and_deny_nothing(string text, string told) => Assert.Equal(told, Told(text));
}
