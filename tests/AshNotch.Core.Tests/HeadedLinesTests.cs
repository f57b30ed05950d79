using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Headed;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>What stands under a heading is kept to be remembered, and never happened.</summary>
public class HeadedLinesTests
{
    private static ToldClass Taken(string text) =>
        ToldClass.Of(Telling.Read(text, Trade.With(null), [], TellingAside.Nothing), new Roll { Id = "r1" });

    public static TheoryData<string, HeadedKind> Headings()
    {
        var rows = new TheoryData<string, HeadedKind>();
        foreach (var (kind, words, _) in HeadPhrases.Headings)
            rows.Add(string.Join(' ', words).Replace(HeadPhrases.Name, "oak", StringComparison.Ordinal), kind);
        return rows;
    }

    // Each would be read as two events without its heading.
    [Theory]
    [MemberData(nameof(Headings))]
    public void What_stands_under_a_heading_is_heard_and_no_event(string heading, HeadedKind kind)
    {
        const string Said = "he knee cut me to side control and I swept him";
        var text = $"I pulled closed guard. I finished the armbar.\n{char.ToUpperInvariant(heading[0])}{heading[1..]}: {Said}";
        var line = Assert.Single(HeadedLines.Of(text).Lines);
        Assert.Equal(kind, line.Kind);
        Assert.EndsWith(Said, line.Text, StringComparison.Ordinal);
        var roll = Assert.Single(Taken(text).Rolls);
        Assert.Equal([Who.Me, Who.Me], roll.Notches.Select(n => n.By));
    }

    [Fact]
    public void Without_a_heading_the_same_words_are_events() =>
        Assert.Equal(2, Trade.Read("He knee cut me to side control and I swept him").Exchanges.Sum(e => e.Exchange.Notches.Count));

    [Theory]
    [InlineData("He swept me. Takeaways: frame early. When I go over under he takes the back. I got swept for posting late.", 3)]
    [InlineData("He swept me.\nTakeaways:\n- frame early\n- when I go over under he takes my back\n- I passed too upright", 3)]
    [InlineData("He swept me.\n\nLessons: I passed too upright, and he armbarred me in my head all night.", 1)]
    [InlineData("He swept me.\n**Takeaways**\n1. frame early\n2) I swept too late", 2)]
    [InlineData("He swept me.\n- Next time: I sweep first\n- Takeaway: he passes on the left", 2)]
    [InlineData("He swept me.\nNotes to self\nbreathe; I armbarred too early", 2)]
    [InlineData("He swept me.\nLessons: 1) the underhook is deep 2) I swept too late 3) breathe", 3)]
    public void A_list_is_kept_line_by_line(string text, int lines)
    {
        var roll = Assert.Single(Taken(text).Rolls);
        Assert.Single(roll.Notches);
        Assert.Equal(lines, roll.Takeaways.Count);
        Assert.DoesNotContain(roll.Takeaways, t => t.Text.Contains("akeaway", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("He swept me.\nNext time: grips first", "Next time: grips first")]
    [InlineData("He swept me.\nSame mistake: reaching", "Same mistake: reaching")]
    [InlineData("He swept me.\nwhat worked: the knee shield", "What worked: the knee shield")]
    [InlineData("He swept me.\nTakeaway: the knee shield", "the knee shield")]
    [InlineData("He swept me.\nlesson = the knee shield", "the knee shield")]
    public void A_heading_that_says_what_it_is_stays(string text, string kept) =>
        Assert.Equal(kept, Assert.Single(Taken(text).Rolls[0].Takeaways).Text);

    public static TheoryData<string> Hazards() => [.. HeadPhrases.Hazards.Select(p => string.Join(' ', p))];

    [Theory]
    [MemberData(nameof(Hazards))]
    public void A_hazard_is_kept_wherever_it_is_said_and_stays_in_the_telling(string hazard)
    {
        var roll = Taken($"He passed my guard, kimura, {hazard}, shoulder. I swept him.").Rolls[0];
        Assert.Equal($"{char.ToUpperInvariant(hazard[0])}{hazard[1..]}, shoulder", Assert.Single(roll.Takeaways).Text);
        Assert.True(roll.Notches.Count() >= 2);
        Assert.Empty(Taken($"He passed my guard. I swept him, not {hazard}.").Rolls[0].Takeaways);
    }

    [Theory]
    [InlineData("He swept me.\nTakeaways: frame early.\n\nI passed his guard.")]
    [InlineData("He swept me.\nTakeaways: frame early.\nI passed his guard.")]
    [InlineData("Coach said: frame early.\nHe swept me. I passed his guard.")]
    [InlineData("He swept me. Coach said: frame early. I passed his guard.")]
    public void After_it_the_telling_goes_on(string text) => Assert.Equal(2, Taken(text).Rolls.Sum(r => r.Notches.Count()));

    [Theory]
    [InlineData("Coach: he swept me, I passed his guard.")]
    [InlineData("Oak: he swept me, I passed his guard.")]
    [InlineData("At 2:30 he swept me, I passed his guard.")]
    [InlineData("I missed the armbar. He passed my guard.")]
    public void A_partner_or_a_time_is_no_heading(string text)
    {
        Assert.Empty(HeadedLines.Of(text).Lines);
        Assert.NotEmpty(Taken(text).Rolls[0].Notches);
    }

    [Fact]
    public void Advice_stands_at_the_notch_it_is_about()
    {
        var roll = Assert.Single(
            Taken(
                "I was in half guard. He knee cut me to side control. I escaped to closed guard. He stood up.\nCoach said: block the knee cut with your shin"
            ).Rolls
        );
        var advised = Assert.Single(roll.Notches, n => n.Advice.Count > 0);
        Assert.Equal(("knee-cut-pass", "coach"), (advised.Move!.Value.Value, advised.Advice[0].From));
        Assert.Equal("block the knee cut with your shin", advised.Advice[0].Text);
    }

    [Fact]
    public void Advice_of_a_partner_without_a_notch_keeps_who_said_it()
    {
        var roll = Assert.Single(Taken("I swept him.\nOak said: breathe more").Rolls);
        Assert.Equal("Oak said: breathe more", Assert.Single(roll.Takeaways).Text);
    }

    [Fact]
    public void A_mission_told_first_holds_for_every_roll_and_one_told_later_for_its_own()
    {
        const string Text =
            "Mission: knee shield before anything else\nChecks: grips first, hips out\n\nOak: he swept me.\n\nAsh: I passed his guard.\nMission: mount\n\nFir: he armbarred me.";
        var rolls = Taken(Text).Rolls;
        Assert.Equal(3, rolls.Count);
        Assert.Equal(["knee shield before anything else", "mount", "knee shield before anything else"], rolls.Select(r => r.Mission!.Text));
        Assert.Equal(["grips first", "hips out"], rolls[0].Mission!.Checks.Select(c => c.Text));
    }

    [Theory]
    [InlineData("Technique of the day: the knee cut with an underhook\nOak: he swept me.", "the knee cut with an underhook")]
    [InlineData("Coach showed us the knee cut with an underhook. Then with Oak, he swept me.", "the knee cut with an underhook")]
    [InlineData("We drilled the knee cut. First roll was Oak, he swept me.", "the knee cut")]
    public void What_was_taught_belongs_to_the_day(string text, string taught)
    {
        var told = Taken(text);
        var one = Assert.Single(told.Taught);
        Assert.Equal((taught, new MoveId("knee-cut-pass")), (one.Text, one.Move!.Value));
        Assert.Equal([Who.Partner], told.Rolls.SelectMany(r => r.Notches).Select(n => n.By));
    }

    public static TheoryData<string> TaughtSaid() =>
        [.. HeadPhrases.Taught.Select(p => string.Join(' ', p).Replace(HeadPhrases.Teacher, "coach", StringComparison.Ordinal))];

    // Each would be read as an event of a roll without what stands before it.
    [Theory]
    [MemberData(nameof(TaughtSaid))]
    public void What_is_said_to_be_taught_happened_in_no_roll(string said)
    {
        var told = Taken($"Monday class. Tonight {said} the tripod sweep from de la riva the whole hour.\n\nOak: he swept me.");
        Assert.EndsWith("the tripod sweep from de la riva the whole hour", Assert.Single(told.Taught).Text, StringComparison.Ordinal);
        Assert.Equal([Who.Partner], Assert.Single(told.Rolls).Notches.Select(n => n.By));
    }

    [Theory]
    [InlineData("teacher had us doing", "teacher")]
    [InlineData("our professor had everyone drilling", "professor")]
    [InlineData("Today our coach walked us through", "coach")]
    public void Who_taught_is_kept_and_not_how_it_was_done(string said, string by)
    {
        var one = Assert.Single(Taken($"{said} the knee cut, then I rolled with Oak and he swept me.").Taught);
        Assert.Equal(("the knee cut", by), (one.Text, one.By));
    }

    [Fact]
    public void A_class_keeps_each_line_with_its_roll()
    {
        var told = Taken("Oak: he swept me.\nTakeaway: post the hand.\n\nFir: I passed his guard.\nMissed: mount was open");
        Assert.Equal(["post the hand."], told.Rolls[0].Takeaways.Select(t => t.Text));
        Assert.Equal(["mount was open"], told.Rolls[1].Missed.Select(m => m.Text));
    }

    [Theory]
    [InlineData("He turtled. I should have taken the back there. He stood up.", "I should have taken the back there")]
    [InlineData("He passed me. Should've kept my knee shield.", "Should've kept my knee shield")]
    [InlineData("He passed me. Shoulda kept my knee shield.", "Shoulda kept my knee shield")]
    [InlineData("I passed to side control. Should've gone for the kimura. He got out.", "Should've gone for the kimura")]
    public void What_should_have_been_done_is_a_chance_missed(string text, string missed)
    {
        var read = Trade.Read(text);
        Assert.Equal(missed, Assert.Single(read.Missed).Text);
        Assert.DoesNotContain(read.Exchanges.SelectMany(e => e.Exchange.Notches), n => n.To?.Value == "knee-shield/bottom");
    }

    [Theory]
    [InlineData("He should have tapped there. I let go.")]
    [InlineData("I should not have pulled guard.")]
    public void What_was_another_s_or_a_mistake_is_no_chance(string text) => Assert.Empty(Trade.Read(text).Missed);
}
