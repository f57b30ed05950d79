using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Taps;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class TapTallyTests
{
    private static readonly Partner Otter = new() { Id = "otter", Name = "Otter" };

    public static TheoryData<string, string, string, string> Rows => Those(r => r.Hint is null);

    public static TheoryData<string, string, string, string> Hints => Those(r => r.Hint is not null);

    private static TheoryData<string, string, string, string> Those(Func<TapPhrases.Row, bool> which) =>
        [
            .. TapPhrases
                .All.Where(which)
                .Select(r => new TheoryDataRow<string, string, string, string>(string.Join(' ', r.Phrase), r.Me, r.Partner, r.Example)),
        ];

    [Theory]
    [MemberData(nameof(Rows))]
    public void Every_phrase_is_heard_in_its_example(string phrase, string me, string partner, string example)
    {
        var told = TapTally.Of(example, "Otter", Trade.With(null)).Told();
        Assert.True(told is { IsBare: false }, phrase);
        Assert.Equal(me == "-", told.Me is null);
        Assert.Equal(partner == "-", told.Partner is null);
        if (me is not ("-" or "#" or "##"))
            Assert.Equal(me, told.Me.ToString());
        if (partner is not ("-" or "#" or "##"))
            Assert.Equal(partner, told.Partner.ToString());
    }

    [Theory]
    [MemberData(nameof(Hints))]
    public void A_phrase_that_does_not_count_gives_a_tap_to_its_side(string phrase, string me, string partner, string example)
    {
        Assert.Null(TapTally.Of(example, "Otter", Trade.With(null)).Told());
        var hint = TapTally.Of(example, "Otter", Trade.With(null)).Hints().First();
        var taps = ClassReader.Read(example, Trade.With(null), [Otter], stop: TestContext.Current.CancellationToken)[0].Taps;
        // Said of whoever acted before, or did so last.
        if (hint.Kind == TapHintKind.More || me == partner)
            Assert.True(Math.Max(taps.Me, taps.Partner) == (hint.Kind == TapHintKind.More ? 2 : 1), phrase);
        else
            Assert.True((me == "-" ? taps.Partner : taps.Me) == 1, $"{phrase}: {partner}");
    }

    /// <summary>A row that opens with a number is a row, not a comment of the file.</summary>
    [Theory]
    [InlineData("Three taps for me.", 3, null)]
    [InlineData("Two taps to him.", null, 2)]
    [InlineData("We rolled, two taps: a guillotine and an armbar.", 2, null)]
    [InlineData("I gave up two taps.", null, 2)]
    [InlineData("Subs: 0 for me, 1 for her.", 0, 1)]
    [InlineData("Two for her and one for me.", 1, 2)]
    [InlineData("He kept at my neck and all three times I tapped.", null, 3)]
    public void A_number_of_taps_is_the_number_that_is_said(string text, int? me, int? partner)
    {
        var told = TapTally.Of(text, "Otter", Trade.With(null)).Told();
        Assert.Equal((me, partner), (told?.Me, told?.Partner));
    }

    [Theory]
    [InlineData("I lost the grip and he passed to side control.")]
    [InlineData("He beat me to the underhook and came up on top.")]
    [InlineData("She passed. Lost.")]
    [InlineData("I beat him to the underhook and went for a kimura.")]
    [InlineData("He beat me to the grip and then he tried an armbar.")]
    [InlineData("I won the grip fight and swept him.")]
    public void Who_only_lost_something_lost_no_tap(string text) =>
        Assert.Equal(
            new TapCount(0, 0),
            ClassReader.Read(text, Trade.With(null), [Otter], stop: TestContext.Current.CancellationToken)[0].Taps
        );

    [Fact]
    public void The_same_of_something_else_is_no_second_tap() =>
        Assert.Equal(
            new TapCount(1, 0),
            ClassReader
                .Read(
                    "I armbarred her. Then I got her with the same butterfly sweep.",
                    Trade.With(null),
                    [],
                    stop: TestContext.Current.CancellationToken
                )[0]
                .Taps
        );

    [Theory]
    [InlineData("He caught me with a toe hold and then an armbar.", 0, 2)]
    [InlineData("She got me with a kimura and then an armbar.", 0, 2)]
    [InlineData("I finished him with the kimura and after with the choke from the back.", 2, 0)]
    [InlineData("I submitted her with a paper cutter, and again with a kimura.", 2, 0)]
    [InlineData("I tried a kimura and then an armbar.", 0, 0)]
    [InlineData("He got me with a kimura and then he tried an armbar.", 0, 1)]
    [InlineData("He caught me in an omoplata and then in a wristlock.", 0, 2)]
    [InlineData("I got swept and then armbarred.", 0, 1)]
    [InlineData("He passed and I was americana'd.", 0, 1)]
    [InlineData("From side he went to an armbar, tap, and then a baseball bat choke, tap.", 0, 2)]
    [InlineData("Got my back taken from a bad shot, choked, then choked again.", 0, 2)]
    [InlineData("She swept me, collar drag to the back and choke.", 0, 1)]
    [InlineData("He's miles better than me. Darce, tapped. Anaconda, tapped.", 0, 2)]
    [InlineData("I took the back and choked her out.", 1, 0)]
    [InlineData("I took the back and choked him. Bell.", 1, 0)]
    [InlineData("I strangled him with his own lapel, he did not tap, he slept.", 1, 0)]
    [InlineData("I passed and got a head and arm choke, her first tap to me since summer.", 1, 0)]
    [InlineData("I tapped her with a kimura off the guillotine fake.", 1, 0)]
    [InlineData("A guest, huge. He sat on me. Tapped to the pressure, not ashamed.", 0, 1)]
    [InlineData("I was ahead on sweeps and she was ahead on taps, 1 to nil.", 0, 1)]
    [InlineData("He crushed my ribs and I said tap to the pressure and then he got an arm bar.", 0, 2)]
    public void Submissions_in_one_list_come_out_alike(string text, int me, int partner) =>
        Assert.Equal(
            new TapCount(me, partner),
            ClassReader.Read(text, Trade.With(null), [], stop: TestContext.Current.CancellationToken)[0].Taps
        );

    [Theory]
    [InlineData("He passed. 0-2.", 0, 2)]
    [InlineData("Guillotine, heel hook, 1-1", 1, 1)]
    [InlineData("2-0 me, straight ankle and rnc", 2, 0)]
    [InlineData("two nil to him", 0, 2)]
    [InlineData("she was ahead on taps, 1 to nil", 0, 1)]
    [InlineData("we were both dead 0 0", 0, 0)]
    [InlineData("Lost 2-1 in taps", 1, 2)]
    public void A_pair_of_numbers_is_a_score_of_the_one_who_is_ahead(string text, int me, int partner)
    {
        var told = TapTally.Of(text, null, Trade.With(null)).Told();
        Assert.Equal((me, partner), (told?.Me, told?.Partner));
    }

    [Theory]
    [InlineData("I was up 4-2 on points")]
    [InlineData("at 12:40 he passed")]
    [InlineData("5-6 minutes of half guard")]
    [InlineData("he got 3-4 grips in")]
    [InlineData("I was in fifty fifty for two or three minutes")]
    [InlineData("He told me that she tapped him twice.")]
    public void What_is_no_score_of_taps_is_none(string text) => Assert.Null(TapTally.Of(text, null, Trade.With(null)).Told());

    [Theory]
    [InlineData("Arm triangle, then ezekiel from mount. He tapped me twice.", 0, 2)]
    [InlineData("He passed. He tapped me twice.", 0, 2)]
    [InlineData("Armbar, armbar, he tapped both.", 2, 0)]
    [InlineData("I got the kimura, he tapped. 1-0", 1, 0)]
    public void Attempts_draw_from_the_sum_and_what_is_left_stands_unnamed(string text, int me, int partner)
    {
        var roll = Assert.Single(ClassReader.Read(text, Trade.With(null), [], stop: TestContext.Current.CancellationToken));
        Assert.Equal(new TapCount(me, partner), roll.Taps);
        foreach (var (exchange, read) in roll.Read.Exchanges.Select(e => (e.Exchange, e)))
        {
            Assert.Equal(exchange.Notches.Count, read.Why.Count);
            Assert.DoesNotContain(exchange.Notches.SkipLast(1), n => n.Outcome == Rolls.Outcome.Tap);
        }
    }

    [Theory]
    [InlineData("Arm triangle, then ezekiel from mount. 0-2", false, 0)]
    [InlineData("Arm triangle, then ezekiel from mount. 0-2", true, 2)]
    public void A_pair_alone_is_asked_and_counts_once_it_is_said_to_be_taps(string text, bool said, int theirs)
    {
        var aside = said ? TellingAside.Nothing with { Taps = ["0-2"] } : null;
        var roll = Assert.Single(ClassReader.Read(text, Trade.With(null), [], aside, TestContext.Current.CancellationToken));
        Assert.Equal((new TapCount(0, theirs), !said), (roll.Taps, roll.Read.Summed!.IsBare));
    }

    [Fact]
    public void A_class_that_scores_each_of_its_rolls_counts_taps()
    {
        const string Text = "1. Oak - arm triangle, then ezekiel. 0-2\n2. Elm - guillotine. 1-0";
        var rolls = ClassReader.Read(Text, Trade.With(null), [], stop: TestContext.Current.CancellationToken);
        Assert.Equal([new TapCount(0, 2), new TapCount(1, 0)], rolls.Select(r => r.Taps));
    }

    [Fact]
    public void A_tap_that_was_said_stands_against_a_sum()
    {
        var roll = Assert.Single(
            ClassReader.Read("He armbarred me and I tapped. No taps.", Trade.With(null), [], stop: TestContext.Current.CancellationToken)
        );
        Assert.Equal(new TapCount(0, 1), roll.Taps);
    }

    [Fact]
    public void A_pair_said_to_be_points_takes_no_tap_in()
    {
        var aside = TellingAside.Nothing with { Points = ["2-0"] };
        var roll = Assert.Single(ClassReader.Read("I swept him. 2-0", Trade.With(null), [], aside, TestContext.Current.CancellationToken));
        Assert.Equal(new TapCount(0, 0), roll.Taps);
    }

    [Fact]
    public void An_answer_about_a_tap_that_was_summed_up_keeps_it_a_tap()
    {
        const string Text = "He passed my guard, mount, cross choke. He got me once.";
        var roll = Assert.Single(
            Telling.Read(Text, Trade.With(null), [], TellingAside.Nothing, TestContext.Current.CancellationToken).Rolls
        );
        var question = Assert.Single(roll.Read.Questions, q => q.About == Doubt.Who);
        Assert.Equal([Who.Partner, Who.Me], question.Answers.Select(a => a.Notch!.By));
        Assert.All(question.Answers, a => Assert.Equal(Outcome.Tap, a.Notch!.Outcome));
    }
}
