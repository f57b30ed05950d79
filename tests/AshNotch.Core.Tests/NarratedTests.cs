using AshNotch.Core.Rolls;

namespace AshNotch.Core.Tests;

/// <summary>Rolls told over film, into a phone, in short-hand and in sums, each with the notches a reader of the trade would cut.</summary>
public class NarratedTests
{
    private static IEnumerable<Notch> Notches(string text) => Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches);

    [Theory]
    [InlineData("he tapped me twice first with a triangle then with a kimura", "they triangle-choke ?>? tap | they kimura ?>? tap")]
    [InlineData(
        "I got tapped three times. First was a heel hook from the saddle. Second was an arm bar from guard. Third was a guillotine.",
        "they heel-hook saddle/defending>? tap | they armbar open-guard/top>? tap | they guillotine ?>? tap"
    )]
    [InlineData(
        "she choked me twice once with a bow and arrow and once with a rear naked",
        "they bow-and-arrow-choke ?>? tap | they rear-naked-choke ?>? tap"
    )]
    [InlineData("He tapped me three times.", "they - ?>? tap")]
    [InlineData("He got me twice with the scissor sweep.", "they scissor-sweep ?>mount/bottom landed")]
    public void A_number_of_taps_is_a_sum_and_counts_none_of_them_twice(string text, string expected) =>
        Assert.Equal(expected, Trade.Told(text));

    [Theory]
    [InlineData(
        "him: knee cut to side control. me: escaped to half guard.",
        "they knee-cut-pass ?>side-control/bottom landed | me escape side-control/bottom>half-guard/bottom landed"
    )]
    [InlineData(
        "he shot, i sprawled, rnc, tap",
        "they takedown standing/neutral>? stopped | me sprawl standing/neutral>front-headlock/top landed | me rear-naked-choke "
            + "front-headlock/top>? tap"
    )]
    [InlineData("I was in mount. americana from mount tap", "me americana mount/top>? tap")]
    public void Short_hand_has_whose_it_is_before_it_and_what_came_of_it_after(string text, string expected) =>
        Assert.Equal(expected, Trade.Told(text));

    [Theory]
    [InlineData("i'm in side control and he goes for the americana", "they americana side-control/bottom>? stopped")]
    [InlineData(
        "He gave up the back. I took the back and finished the choke.",
        "me back-take ?>back-control/top landed | me choke back-control/top>? tap"
    )]
    [InlineData(
        "I was in his closed guard. I stood up. He swept me.",
        "me stand-in-guard closed-guard/top>headquarters/top landed | they sweep headquarters/top>open-guard/bottom landed"
    )]
    [InlineData(
        "I had mount. I tried an americana. Standing. He got a double leg.",
        "me americana mount/top>? stopped | they double-leg standing/neutral>open-guard/bottom landed"
    )]
    [InlineData("I was in turtle. I stood up.", "me stand-up-escape turtle/bottom>standing/neutral landed")]
    [InlineData("I was in half guard top. I passed to mount with a knee slide.", "me knee-cut-pass half-guard/top>mount/top landed")]
    [InlineData(
        "He got me with a darce when i was passing half guard.",
        "they darce-choke ?>? tap | me guard-pass half-guard/top>? stopped"
    )]
    [InlineData("I had the body triangle. I flattened him out.", "me flatten-out body-triangle/top>? landed")]
    public void Where_it_was_follows_from_what_can_be_done_there(string text, string expected) => Assert.Equal(expected, Trade.Told(text));

    [Theory]
    [InlineData(
        "He throws up the triangle so I'm in the triangle here and I stack him and pass.",
        "they triangle-choke ?>? stopped | me stack-pass ?>side-control/top landed"
    )]
    [InlineData("She triangled me while I was escaping the arm bar.", "they triangle-choke ?>? tap | they armbar ?>? stopped")]
    [InlineData(
        "I was in butterfly guard. I went to elevate him and he backed out.",
        "me elevator-sweep butterfly-guard/bottom>? stopped | they disengage butterfly-guard/bottom>standing/neutral landed"
    )]
    [InlineData("He darces me in like twenty seconds.", "they darce-choke ?>? tap")]
    [InlineData(
        "I had mount. I went for the cross collar and he was about to tap but the timer went off.",
        "me cross-collar-choke mount/top>? near"
    )]
    [InlineData("I took his back but I didn't finish.", "me back-take ?>back-control/top landed")]
    [InlineData("I was in his guard. He tried the scissor sweep but I had good base.", "they scissor-sweep open-guard/top>? stopped")]
    [InlineData("I hit a foot sweep and held on in his half guard.", "me foot-sweep standing/neutral>half-guard/top landed")]
    [InlineData(
        "He had turtle on me. I was in turtle top. I tried to get to the crucifix but he rolled.",
        "me enter-crucifix turtle/top>? stopped"
    )]
    [InlineData(
        "I was in his closed guard. I stood up but his legs were still locked.",
        "me stand-in-guard closed-guard/top>headquarters/top landed"
    )]
    public void What_came_of_it_follows_the_words_around_it(string text, string expected) => Assert.Equal(expected, Trade.Told(text));

    [Theory]
    [InlineData("I usually get the underhook there but he cut his knee through.", "they knee-cut-pass ?>side-control/bottom landed")]
    [InlineData("The plan was to hit the underhook and get to the back. He passed.", "they guard-pass ?>side-control/bottom landed")]
    [InlineData(
        "He pulls half guard on everybody so I got the underhook and passed.",
        "me underhook ?>? landed | me guard-pass ?>side-control/top landed"
    )]
    [InlineData(
        "I was in his closed guard. I know the arm bar is coming so I stacked him.",
        "me stack-pass closed-guard/top>side-control/top landed"
    )]
    [InlineData("I wish I had tried the knee bar. He passed.", "they guard-pass ?>side-control/bottom landed")]
    [InlineData("I think it's because I let them get the cross face. He passed.", "they guard-pass ?>side-control/bottom landed")]
    [InlineData("Normally I pull guard but today I hit a double leg.", "me double-leg standing/neutral>open-guard/top landed")]
    [InlineData(
        "I tried a choke, it was not there so instead I switched to an armbar and he tapped.",
        "me choke ?>? stopped | me armbar ?>? tap"
    )]
    [InlineData("a couple of the newer guys were working next to us and then i hit a single leg", "me single-leg ?>half-guard/top landed")]
    public void What_was_only_planned_wished_or_usual_counts_nothing(string text, string expected) =>
        Assert.Equal(expected, Trade.Told(text));

    [Theory]
    [InlineData("got my back to the mat")]
    [InlineData("he still had his legs locked")]
    [InlineData("got the choking arm over my head")]
    [InlineData("took a shot at passing the time")]
    [InlineData("I did that a couple times")]
    [InlineData("I forgot the camera at home")]
    [InlineData("then we were in a smash half sort of thing")]
    public void Everyday_words_are_no_notches(string text) => Assert.Empty(Notches(text));

    [Theory]
    [InlineData("i got my nee shield in", "knee-shield/bottom")]
    [InlineData("i was in the have guard", "half-guard/bottom")]
    [InlineData("he was in the neeshield", "knee-shield/top")]
    [InlineData("he got a camera", "kimura")]
    [InlineData("i hit the niece slice", "knee-cut-pass")]
    public void A_silent_letter_is_not_heard(string text, string place) => Assert.Equal(place, Assert.Single(Trade.Read(text).Mentions).Id);

    [Theory]
    [InlineData(
        "He had side control, kesa, then mount.",
        "they - side-control/bottom>kesa-gatame/bottom landed | they - kesa-gatame/bottom>mount/bottom landed"
    )]
    [InlineData(
        "His first, a knee tap, I stuffed. His second, a double leg, I sprawled on.",
        "they knee-tap standing/neutral>? stopped | they double-leg standing/neutral>? stopped"
    )]
    [InlineData("I had him in my butterfly guard, I lift him and he goes over.", "me sweep butterfly-guard/bottom>open-guard/top landed")]
    [InlineData("I jump a guillotine, it's an arm in guillotine, I can't finish.", "me arm-in-guillotine ?>? near")]
    [InlineData("He armbarred me twice.", "they armbar ?>? tap | they armbar ?>? tap")]
    [InlineData("R3 Sam brown: got leg dragged.", "they leg-drag-pass ?>side-control/bottom landed")]
    [InlineData(
        "I was in his guard. I tried to pass with a knee slide and got stuck in his knee shield.",
        "me knee-cut-pass open-guard/top>? stopped | they - open-guard/top>knee-shield/top landed"
    )]
    [InlineData("I was on top in half guard. I got to mount, no. I got to side control.", "me - half-guard/top>side-control/top landed")]
    [InlineData("I was in his guard. I pass? No.", "")]
    [InlineData("I went for the armbar, no.", "me armbar ?>? stopped")]
    [InlineData("I had the armbar but he wriggled it free.", "me armbar ?>? near")]
    [InlineData("- Sam: got leg dragged.", "they leg-drag-pass ?>side-control/bottom landed")]
    [InlineData(
        "0:22 I pull guard. 0:40 he hits the triangle, I posture out.",
        "me guard-pull standing/neutral>open-guard/bottom landed | they triangle-choke open-guard/bottom>? near"
    )]
    [InlineData(
        "He stuffed it. I was in his guard. Got smashed. Scissor sweep, mount.",
        "they scissor-sweep open-guard/top>mount/bottom landed"
    )]
    public void Who_did_it_follows_from_how_it_is_told(string text, string expected) => Assert.Equal(expected, Trade.Told(text));
}
