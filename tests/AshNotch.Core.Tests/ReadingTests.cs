using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class ReadingTests
{
    [Fact]
    public void The_worked_example_of_the_design_reads_as_its_three_notches()
    {
        var read = Trade.Read("Started standing. I pulled guard to de la riva. He knee cut to side control. He finished an americana.");
        var exchange = Assert.Single(read.Exchanges).Exchange;
        Assert.Equal("standing/neutral", exchange.Start?.Value);
        Assert.Equal(ExchangeEnd.Tap, exchange.End);
        Assert.Equal(
            "me guard-pull standing/neutral>de-la-riva-guard/bottom landed | they knee-cut-pass "
                + "de-la-riva-guard/bottom>side-control/bottom landed | they americana side-control/bottom>? tap",
            Trade.Told("Started standing. I pulled guard to de la riva. He knee cut to side control. He finished an americana.")
        );
        Assert.Empty(read.Unread);
        Assert.All(exchange.Notches, n => Assert.False(n.Unsure));
    }

    [Theory]
    [InlineData(
        "I shot a double leg but he sprawled.",
        "me double-leg standing/neutral>? stopped | they sprawl standing/neutral>front-headlock/bottom landed"
    )]
    [InlineData("I got swept.", "they sweep ?>open-guard/bottom landed")]
    [InlineData("I was in half guard bottom. I got passed.", "they guard-pass half-guard/bottom>side-control/bottom landed")]
    [InlineData("He took my back and choked me.", "they back-take ?>back-control/bottom landed | they choke back-control/bottom>? tap")]
    [InlineData(
        "I took his back. I tapped him with a rear naked choke.",
        "me back-take ?>back-control/top landed | me rear-naked-choke back-control/top>? tap"
    )]
    [InlineData("Started in mount bottom. I tapped to an armbar.", "they armbar mount/bottom>? tap")]
    [InlineData("I was in his closed guard. He tried a hip bump but I posted.", "they hip-bump-sweep closed-guard/top>? stopped")]
    [InlineData("I had mount. I almost got the armbar.", "me armbar mount/top>? near")]
    [InlineData("I had mount. I tried an americana, he defended.", "me americana mount/top>? stopped")]
    [InlineData("I had mount. I threatened the americana.", "me americana mount/top>? threatened")]
    [InlineData("I had mount. I gave up on the armbar.", "me armbar mount/top>? abandoned")]
    [InlineData("She had side control. I escaped to half guard.", "me escape side-control/bottom>half-guard/bottom landed")]
    [InlineData("She hit a toriando to side control.", "they toreando-pass ?>side-control/bottom landed")]
    [InlineData(
        "standing -> guard pull dlr -> he knee cut -> side control",
        "me guard-pull standing/neutral>de-la-riva-guard/bottom landed | they knee-cut-pass "
            + "de-la-riva-guard/bottom>side-control/bottom landed"
    )]
    [InlineData(
        "Started in half guard bottom. He cut the knee to side control, got to mount.",
        "they knee-cut-pass half-guard/bottom>side-control/bottom landed | they - side-control/bottom>mount/bottom landed"
    )]
    public void Plain_sentences_say_who_what_where_and_how_it_came_out(string text, string expected) =>
        Assert.Equal(expected, Trade.Told(text));

    [Fact]
    public void A_partner_is_known_by_name() =>
        Assert.Equal("they guard-pull standing/neutral>open-guard/top landed", Trade.Told("Standing. Birch pulled guard.", "Birch"));

    [Fact]
    public void A_tap_or_a_reset_starts_a_new_exchange()
    {
        var read = Trade.Read(
            "Standing. I pulled guard. Reset. He hit a double leg to side control. He finished an armbar. Then I pulled guard."
        );
        Assert.Equal([ExchangeEnd.Reset, ExchangeEnd.Tap, null], read.Exchanges.Select(e => e.Exchange.End));
    }

    [Fact]
    public void What_was_let_happen_is_marked_and_by_the_right_one()
    {
        var notch = Assert.Single(Trade.Read("Started in his half guard. He let me pass.").Exchanges.SelectMany(e => e.Exchange.Notches));
        Assert.Equal((Who.Me, Who.Partner, "guard-pass"), (notch.By, notch.Given!.Value, notch.Move?.Value));
    }

    [Fact]
    public void A_cause_a_side_a_time_and_a_takeaway_are_kept()
    {
        var read = Trade.Read(
            "Half guard bottom. At 2:30 he knee cut on the left to side control because I was late. Next time I need to frame first."
        );
        var notch = Assert.Single(read.Exchanges.SelectMany(e => e.Exchange.Notches));
        Assert.Equal((150, BodySide.Left), (notch.At!.Value.Seconds, notch.Side!.Value));
        Assert.Contains("late", notch.Causes);
        Assert.StartsWith("Next time", Assert.Single(read.Takeaways).Text, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("There was no time left so I held on.")]
    [InlineData("He was right there.")]
    [InlineData("The other side of the gym was loud.")]
    public void Everyday_words_are_no_notches(string text) => Assert.Empty(Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches));

    [Fact]
    public void What_should_have_been_is_not_counted_but_shown()
    {
        var read = Trade.Read("Standing. I should have pulled guard.");
        Assert.Empty(read.Exchanges.SelectMany(e => e.Exchange.Notches));
        Assert.Equal("I should have pulled guard", Assert.Single(read.Missed).Text);
    }

    [Fact]
    public void What_is_not_understood_is_shown_where_it_stands()
    {
        const string Text = "I pulled guard. Flibber the wozzle gently. He passed.";
        var unread = Assert.Single(Trade.Read(Text).Unread);
        Assert.Equal("Flibber the wozzle gently", Text[unread.Start..unread.End]);
    }

    [Theory]
    [InlineData("")]
    [InlineData("   \n ")]
    [InlineData("🥋🥋 ... ---")]
    [InlineData("\u0000\u0001\uffff binary \u202Eabc")]
    [InlineData(":::: ->->-> ,,, me: : 99:99")]
    public void Odd_text_reads_without_falling_over(string text)
    {
        var read = Trade.Read(text);
        Assert.All(read.Mentions, m => Assert.Equal(m.Text, text[m.Start..m.End]));
        Assert.All(read.Unread, u => Assert.Equal(u.Text, text[u.Start..u.End]));
    }

    [Fact]
    public void Every_span_lies_in_the_text_and_reading_twice_is_the_same()
    {
        var text = string.Concat(
            Enumerable.Repeat(
                "Standing. I pulled guard to half guard, he knee cut to side control and I escaped. He tapped me with a kimura! ",
                200
            )
        );
        var read = Trade.Read(text);
        Assert.Equal(800, read.Exchanges.SelectMany(e => e.Exchange.Notches).Count());
        Assert.All(
            read.Exchanges.SelectMany(e => e.Exchange.Notches),
            n => Assert.InRange(n.Span!.Value.End, n.Span.Value.Start + 1, text.Length)
        );
        Assert.Equal(Trade.Told(text), Trade.Told(text));
    }

    [Fact]
    public void A_correction_stays_with_its_words_while_writing_goes_on()
    {
        var right = new Notch
        {
            By = Who.Partner,
            Move = new("smash-pass"),
            Outcome = Outcome.Stopped,
        };
        Correction[] corrections = [new("knee cut", 1, right), new("swept", 0, null)];
        const string Text = "He hit a knee cut. He hit a knee cut. He swept me. I recovered guard.";
        var rolls = Corrections.Apply(
            ClassReader.Read(Text, Trade.With(null), [], stop: TestContext.Current.CancellationToken),
            Text,
            corrections,
            MatVocabulary.BuiltIn
        );
        Assert.Equal(
            ["knee-cut-pass", "smash-pass", "guard-recovery"],
            Assert.Single(rolls).Read.Exchanges.SelectMany(e => e.Exchange.Notches).Select(n => n.Move?.Value)
        );
    }
}
