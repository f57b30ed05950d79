using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Tests;

/// <summary>Sentences as people say them, each with the notches a reader of the trade would cut.</summary>
public class ManyMannersTests
{
    [Theory]
    [InlineData(
        "i pull guard he passes i turtle he takes my back",
        "me guard-pull standing/neutral>open-guard/bottom landed | they guard-pass open-guard/bottom>side-control/bottom "
            + "landed | me - side-control/bottom>turtle/bottom landed | they back-take turtle/bottom>back-control/bottom landed"
    )]
    [InlineData(
        "Got swept. Got passed. Got mounted.",
        "they sweep ?>open-guard/bottom landed | they guard-pass open-guard/bottom>side-control/bottom landed | they "
            + "take-mount side-control/bottom>mount/bottom landed"
    )]
    [InlineData("I stuffed his double leg.", "they double-leg standing/neutral>? stopped")]
    [InlineData("I defended the armbar.", "they armbar ?>? stopped")]
    [InlineData("He defended my kimura.", "me kimura ?>? stopped")]
    [InlineData("I got caught in his triangle and tapped.", "they triangle-choke ?>? tap")]
    [InlineData("He hit me with a hip bump.", "they hip-bump-sweep closed-guard/top>mount/bottom landed")]
    [InlineData("I tapped to a wrist lock.", "they wrist-lock ?>? tap")]
    [InlineData("I tapped him with a wrist lock.", "me wrist-lock ?>? tap")]
    [InlineData("His half guard was tight. I knee cut to side control.", "me knee-cut-pass half-guard/top>side-control/top landed")]
    [InlineData("The purple belt swept me.", "they sweep ?>open-guard/bottom landed")]
    [InlineData("My partner took me down with an inside trip.", "they inside-trip standing/neutral>half-guard/bottom landed")]
    [InlineData("Then Oak, got triangled from closed guard.", "they triangle-choke closed-guard/top>? tap")]
    [InlineData("Then Oak, swept me from half guard.", "they sweep half-guard/top>open-guard/bottom landed")]
    [InlineData(
        "Single leg from standing (me), knee cut from headquarters (him).",
        "me single-leg standing/neutral>half-guard/top landed | they knee-cut-pass headquarters/bottom>side-control/bottom landed"
    )]
    [InlineData("I let her sweep me with the hip bump.", "they hip-bump-sweep ?>mount/bottom landed")]
    [InlineData("She let me sweep her with the hip bump.", "me hip-bump-sweep ?>mount/top landed")]
    public void Whose_it_was_follows_the_words(string text, string expected) => Assert.Equal(expected, Trade.Told(text));

    [Theory]
    [InlineData(
        "I hit him with a loop choke and he tapped. He paid me back with the same.",
        "me loop-choke ?>? tap | they loop-choke ?>? tap"
    )]
    [InlineData("He swept me. I did it back to him.", "they sweep ?>open-guard/bottom landed | me sweep ?>open-guard/top landed")]
    [InlineData("He armbarred me. I never returned the favor.", "they armbar ?>? tap")]
    public void What_was_done_to_one_is_done_in_turn(string text, string expected) => Assert.Equal(expected, Trade.Told(text));

    [Theory]
    [InlineData(
        "I was in his open guard. Toreando, leg drag, knee cut.",
        "me toreando-pass open-guard/top>? stopped | me leg-drag-pass open-guard/top>? stopped | "
            + "me knee-cut-pass open-guard/top>side-control/top landed"
    )]
    [InlineData(
        "I was in his open guard. Toreando to side control. He got his guard back. Knee cut.",
        "me toreando-pass open-guard/top>side-control/top landed | they guard-recovery side-control/top>open-guard/top landed | "
            + "me knee-cut-pass open-guard/top>side-control/top landed"
    )]
    public void Of_two_passes_in_a_row_only_the_last_came_off(string text, string expected) => Assert.Equal(expected, Trade.Told(text));

    [Theory]
    [InlineData("I was in closed guard bottom. My hip bump got stuffed.", "me hip-bump-sweep closed-guard/bottom>? stopped")]
    [InlineData("I had his back. He escaped to half guard.", "they escape back-control/top>half-guard/top landed")]
    [InlineData(
        "I was in mount. I went for the armbar and he hitchhiked out.",
        "me armbar mount/top>? stopped | they armbar-escape mount/top>closed-guard/bottom landed"
    )]
    [InlineData(
        "I was in closed guard bottom. I threatened the kimura to get the triangle.",
        "me kimura closed-guard/bottom>? threatened | me triangle-choke closed-guard/bottom>? tap"
    )]
    [InlineData("I had side control. I couldn't finish the americana.", "me americana side-control/top>? near")]
    [InlineData("He shot a double, landed.", "they double-leg standing/neutral>open-guard/bottom landed")]
    [InlineData("I never got the sweep.", "me sweep ?>? stopped")]
    [InlineData("She was in my half guard. She went for the darce but I blocked it.", "they darce-choke half-guard/bottom>? stopped")]
    [InlineData(
        "he shot a single i sprawled and took the back",
        "they single-leg ?>? stopped | me sprawl standing/neutral>front-headlock/top landed | me back-take "
            + "front-headlock/top>back-control/top landed"
    )]
    [InlineData("with ten seconds left he got the guillotine and i tapped", "they guillotine ?>? tap")]
    [InlineData(
        "He got an armbar. I tapped. Standing again. I hit a single leg.",
        "they armbar ?>? tap | me single-leg standing/neutral>half-guard/top landed"
    )]
    [InlineData(
        "he goes for a kimura i roll out and end up on top in his half guard",
        "they kimura ?>? stopped | me come-up-on-top ?>half-guard/top landed"
    )]
    public void How_it_came_out_follows_the_words(string text, string expected) => Assert.Equal(expected, Trade.Told(text));

    [Theory]
    [InlineData("I did not pull guard.", "")]
    [InlineData("I should have pulled guard.", "")]
    [InlineData("Coach told me to pull guard.", "")]
    [InlineData("Last week I pulled guard.", "")]
    [InlineData("We drilled the berimbolo in class.", "")]
    [InlineData("The guys next to us hit a double leg.", "")]
    [InlineData("If I had pulled guard he would have passed.", "")]
    [InlineData("Next time I need to frame.", "")]
    [InlineData("I was lying on my back. He was on my back.", "")]
    public void What_was_only_said_counts_nothing(string text, string expected) => Assert.Equal(expected, Trade.Told(text));

    [Theory]
    [InlineData("Instead of pulling guard I shot a double leg.", "me double-leg standing/neutral>? stopped")]
    [InlineData("He let me sweep him.", "me sweep ?>open-guard/top landed")]
    [InlineData("I gave him my back.", "they - ?>back-control/bottom landed")]
    [InlineData("I was on the bottom in side control. He went to north south.", "they - side-control/bottom>north-south/bottom landed")]
    [InlineData("He pulled me into his closed guard.", "they guard-pull standing/neutral>closed-guard/top landed")]
    [InlineData(
        "I passed to half guard then he recovered closed guard.",
        "me guard-pass ?>half-guard/top landed | they guard-recovery half-guard/top>closed-guard/top landed"
    )]
    public void Where_it_led_follows_the_words(string text, string expected) => Assert.Equal(expected, Trade.Told(text));

    // Everyday words are names of the trade only among words that say so.
    [Theory]
    [InlineData("he passed to side", "side-control")]
    [InlineData("i turned to his side", null)]
    [InlineData("it was the other side of the gym", null)]
    [InlineData("i got to half", "half-guard")]
    [InlineData("i was tired for half the round", null)]
    [InlineData("he shot a single", "single-leg")]
    [InlineData("every single time", null)]
    [InlineData("he took a double", "double-leg")]
    [InlineData("he was double my weight", null)]
    [InlineData("he passed out", null)]
    [InlineData("time passed slowly", null)]
    [InlineData("my back hurts today", null)]
    [InlineData("i lost his back", "back-control")]
    [InlineData("it hit me like a truck", null)]
    [InlineData("i went to the truck", "truck")]
    [InlineData("he pulled my arm", null)]
    [InlineData("he pulled half guard", "guard-pull")]
    [InlineData("he pulled me into his guard", "guard-pull")]
    [InlineData("we were standing around", null)]
    [InlineData("i broke my collar bone once", null)]
    [InlineData("in the time frame we had", null)]
    [InlineData("he choked up", null)]
    public void An_everyday_word_is_a_name_only_where_the_words_say_so(string text, string? id)
    {
        var ids = Trade.Read(text).Mentions.Select(m => m.Id.Split('/')[0]).ToList();
        if (id is null)
            Assert.Empty(ids);
        else
            Assert.Contains(id, ids);
    }

    [Theory]
    [InlineData("he hit a tory ando", "toreando-pass")]
    [InlineData("he played della riva", "de-la-riva-guard")]
    [InlineData("he got the gillotine", "guillotine")]
    [InlineData("he had a kimora", "kimura")]
    [InlineData("he went oma plata", "omoplata")]
    [InlineData("he got a dars", "darce-choke")]
    [InlineData("i was in halfguard", "half-guard")]
    [InlineData("i got the under hook", "underhook")]
    [InlineData("he went berry bolo", "berimbolo")]
    [InlineData("he was in sidecontrol", "side-control")]
    [InlineData("i got an arm bar", "armbar")]
    [InlineData("he hit a pendulem sweep", "flower-sweep")]
    public void Names_are_heard_through_slips_and_by_ear(string text, string id) =>
        Assert.Contains(Trade.Read(text).Mentions, m => m.Id.Split('/')[0] == id);

    [Theory]
    [InlineData("The weather was lovely and the traffic terrible.")]
    [InlineData("I amount to nothing today, said the mouth of the river.")]
    [InlineData("We had a coffee and talked about cameras and chairs.")]
    [InlineData("Garden hose, hard card, swear words, weeping.")]
    public void Ordinary_words_are_not_heard_as_names(string text) => Assert.Empty(Trade.Read(text).Mentions);

    [Fact]
    public void A_doubt_is_asked_with_answers_that_settle_it()
    {
        var read = Trade.Read("I had mount. I got an americana.");
        var question = Assert.Single(read.Questions);
        Assert.Equal("Did the americana end in a tap?", question.Ask);
        Assert.Equal(["Tap", "Stopped", "Nearly"], question.Answers.Select(a => a.Say));
        Assert.Equal([Outcome.Tap, Outcome.Stopped, Outcome.Near], question.Answers.Select(a => a.Notch!.Outcome));
        Assert.All(question.Answers, a => Assert.False(a.Notch!.Unsure));
        Assert.True(read.Exchanges[question.Exchange].Exchange.Notches[question.Notch].Unsure);
    }

    [Fact]
    public void Every_unsure_notch_is_asked_about_and_no_sure_one_is()
    {
        var text = string.Join(
            ' ',
            Directory.GetFiles(Path.Combine(DemoTests.Folder, "..", "bench", "reading", "tuning")).Select(File.ReadAllText)
        );
        var read = Trade.Read(text);
        // Where it began is asked of a notch that is sure in all else.
        var asked = read.Questions.Where(q => q.About != Doubt.Place).Select(q => (q.Exchange, q.Notch)).ToHashSet();
        for (var e = 0; e < read.Exchanges.Count; e++)
        {
            for (var n = 0; n < read.Exchanges[e].Exchange.Notches.Count; n++)
                Assert.Equal(read.Exchanges[e].Exchange.Notches[n].Unsure, asked.Contains((e, n)));
        }
    }

    [Fact]
    public void Advice_goes_to_the_notch_before_it_with_who_gave_it()
    {
        var read = Trade.Read("He swept me. Coach said to post the hand early. He passed.");
        var advised = Assert.Single(read.Exchanges.SelectMany(e => e.Exchange.Notches), n => n.Advice.Count > 0);
        Assert.Equal(("sweep", "coach"), (advised.Move?.Value, advised.Advice[0].From));
        Assert.Contains("post the hand early", advised.Advice[0].Text, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("at 2:30 he passed", 150, null)]
    [InlineData("two minutes in he passed", 120, null)]
    [InlineData("with ten seconds left he passed", null, 10)]
    [InlineData("1:05 left and he passed", null, 65)]
    [InlineData("i was stuck for two minutes and he passed", null, null)]
    public void Times_are_told_before_or_after_the_one_who_acts(string text, int? at, int? left)
    {
        var notch = Assert.Single(Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches));
        Assert.Equal((at, left), (notch.At?.Seconds, notch.Remaining?.Seconds));
    }
}
