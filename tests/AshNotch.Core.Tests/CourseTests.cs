using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>The room of courses by itself: what the sport makes of claims that leave something open.</summary>
public class CourseTests
{
    private static string Best(string text) => Rooms.Told(Rooms.Courses(text)[0]);

    [Theory]
    [InlineData("I was in his closed guard. Scissor sweep.", "partner scissor-sweep landed")]
    [InlineData("He was in my closed guard. Scissor sweep.", "me scissor-sweep landed")]
    [InlineData("He had mount. Bridge and roll.", "me bridge-and-roll landed")]
    public void Who_could_do_it_from_there_did_it(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData("I tried the armbar. He defended.", "me armbar stopped")]
    [InlineData("I went for the armbar. So close.", "me armbar near")]
    [InlineData("I went for the armbar, he tapped.", "me armbar tap")]
    [InlineData("I passed. No wait, he passed.", "partner guard-pass landed")]
    [InlineData("I hit the double leg and he countered with the foot sweep.", "me double-leg stopped | partner foot-sweep landed")]
    [InlineData("He choked me after the bell, which doesn't count.", "")]
    [InlineData("His sasae beat my balance. The grip failed.", "partner sasae landed")]
    [InlineData("I locked up the triangle. A second more and he would have tapped.", "me triangle-choke near")]
    public void What_comes_later_settles_what_was_open(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData("He got me with an armbar. Tapped.", 1)]
    [InlineData("He got me with an armbar, I tapped. So one tap.", 1)]
    [InlineData("He tapped me twice: an armbar and a triangle.", 2)]
    [InlineData("He armbarred me 2x.", 2)]
    [InlineData("I had the armbar, no tap.", 0)]
    [InlineData("Nobody tapped. I tried an armbar.", 0)]
    public void A_tap_is_counted_once_and_belongs_to_one_submission(string text, int taps) =>
        Assert.Equal(taps, Rooms.Courses(text)[0].Events.Count(e => e.Outcome == Outcome.Tap));

    [Theory]
    [InlineData("I swept him, ended up in mount.", 1)]
    [InlineData("I passed. Then I got mount.", 2)]
    [InlineData("I swept him with a scissor sweep.", 1)]
    [InlineData("I passed, knee cut.", 1)]
    [InlineData("I hit the duck under and ended up behind her.", 1)]
    [InlineData("He does a pendulum. And I'm mounted.", 1)]
    [InlineData("He took mount. The mount's gone.", 1)]
    public void What_is_told_twice_or_more_exactly_is_one_event(string text, int events) =>
        Assert.Equal(events, Rooms.Courses(text)[0].Events.Count);

    [Theory]
    [InlineData("I wanted the armbar and I fell off.", "me armbar stopped")]
    [InlineData("I wanted the armbar but ran out of time.", "")]
    [InlineData("If I had wanted the armbar, he had defended.", "")]
    [InlineData("He wanted the kimura again, but he could not get it.", "partner kimura stopped")]
    public void What_was_wanted_and_did_not_come_off_was_tried(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData("I have closed guard and I open it for no reason. He knee cuts.", "partner knee-cut-pass landed")]
    [InlineData("I was in his closed guard. I opened it.", "me open-the-guard landed")]
    [InlineData(
        "I am in her guard. I go for the back, she rolls, I'm in her half guard.",
        "me back-take stopped | me half-guard/top landed"
    )]
    [InlineData("He had mount. From half guard he passed.", "partner guard-pass landed")]
    public void Where_they_are_says_what_was_no_event(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData("I had side control. Coach told me to take the back, and I did.", "me back-take landed")]
    [InlineData("I had side control. Coach told me to take the back, and I did not.", "")]
    [InlineData("I had side control. Coach told me to take the back, but he was flat.", "")]
    public void Who_did_what_they_were_told_to_did_it(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData("He guillotined me off my double.", "me double-leg stopped | partner guillotine tap")]
    [InlineData("I passed off his failed triangle.", "partner triangle-choke stopped | me guard-pass landed")]
    [InlineData("The first was a triangle I walked into.", "partner triangle-choke stopped")]
    [InlineData("The heel hook defence works.", "")]
    [InlineData("He took my back off my failed armbar.", "me armbar stopped | partner back-take landed")]
    [InlineData("They gave me their back. I choked them.", "me back-control/top landed | me choke tap")]
    [InlineData("He took me down. They gave him two for the takedown.", "partner takedown landed")]
    public void What_was_answered_comes_first_and_is_the_other_ones(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData("We were standing. I got a takedown. Half guard.", "half-guard/top")]
    [InlineData("We were standing. He took me down with a body lock and landed in side control.", "side-control/bottom")]
    [InlineData("He mounted me. I bridged and rolled him and ended in his guard.", "closed-guard/top")]
    [InlineData("I was in half guard. He flattened me out.", "half-guard/bottom")]
    [InlineData("My omoplata, he rolls and I ended on top, side control, lost it.", "side-control/top")]
    public void A_place_told_next_is_where_it_led(string text, string expected) =>
        Assert.Equal(
            expected,
            Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches).Last(n => n.Outcome == Outcome.Landed).To?.Value
        );

    [Theory]
    [InlineData("I tried mount.", "me take-mount stopped")]
    [InlineData("He went for the saddle, I stepped out.", "partner enter-saddle stopped")]
    [InlineData("I was in his half guard. I tried to get to mount but he framed.", "me take-mount stopped | partner frame landed")]
    public void A_place_that_was_tried_for_is_an_attempt_to_take_it(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData("He was on top in side control. Loop choke from underneath, very nearly.", "me loop-choke near")]
    [InlineData("He was on top in my half guard. Loop choke from the top, very nearly.", "partner loop-choke near")]
    public void From_underneath_is_done_by_who_is_underneath(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData(
        "He tries a toreando, I frame. He tries again, I invert.",
        "partner toreando-pass stopped | me frame landed | " + "partner toreando-pass stopped | me invert landed"
    )]
    [InlineData(
        "I go for the triangle, he postures. I try again and this time I get it.",
        "me triangle-choke stopped | me triangle-choke tap"
    )]
    [InlineData(
        "He shot a double, I sprawled. He shot a double again and got me.",
        "partner double-leg stopped | me sprawl landed | " + "partner double-leg landed"
    )]
    [InlineData("I hit the toreando, nearly. On the left side it was shut down.", "me toreando-pass near | me toreando-pass stopped")]
    [InlineData(
        "His first choke was across the jaw. On the second he had the arm under the chin; that one was close.",
        "partner choke stopped | partner choke near"
    )]
    [InlineData("I go for a toreando, first try stopped, second try landed.", "me toreando-pass stopped | me toreando-pass landed")]
    [InlineData("He hit the kimura and I tapped. The same again on the left.", "partner kimura tap | partner kimura tap")]
    [InlineData(
        "He smash passed me. I got my knee back. Then he did the same.",
        "partner smash-pass landed | me knee-in landed | partner smash-pass landed"
    )]
    public void Another_try_is_an_event_of_its_own(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData("We start standing. He chops at my leg and I'm down.", "partner takedown landed")]
    [InlineData("We start standing. He is a judoka and I was on my back, from an osoto gari.", "partner outside-trip landed")]
    [InlineData("I hit the arm drag. I trip him and we go down.", "me arm-drag landed | me takedown landed")]
    [InlineData("I am in her closed guard. She goes for the sweep and I sit down.", "partner sweep landed")]
    [InlineData("He has mount. I trap a foot and he is on his back.", "me bridge-and-roll landed")]
    [InlineData("I had mount. She bridged as I reached, and I ended up underneath.", "partner bridge-and-roll landed")]
    [InlineData("He shot a single, I sprawled, he kept the leg, and I went down.", "partner single-leg landed | me sprawl landed")]
    [InlineData("He bear-hugged me, and I was on the floor.", "partner body-lock landed | partner takedown landed")]
    [InlineData("He had kesa. I bridged and rolled him.", "me bridge-and-roll landed")]
    public void Who_falls_was_swept_or_taken_down(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData(
        "He passed me twice, first with a knee cut and then with a leg drag.",
        "partner knee-cut-pass landed | partner leg-drag-pass landed"
    )]
    [InlineData("He passed me twice with the knee cut.", "partner knee-cut-pass landed | partner knee-cut-pass landed")]
    [InlineData("I swept him twice, scissor and hip bump.", "me scissor-sweep landed | me hip-bump-sweep landed")]
    [InlineData(
        "He snapped me down twice and I hit a high crotch.",
        "partner snap-down landed | partner snap-down landed | me high-crotch landed"
    )]
    [InlineData("She hit me with 2 leg drags.", "partner leg-drag-pass landed | partner leg-drag-pass landed")]
    [InlineData("He had mount. I bridged twice, nothing.", "me bridge stopped | me bridge stopped")]
    public void What_was_counted_is_named_one_by_one(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData("He taps to the ankle lock? No, it was me who tapped, to the toe hold.", 1)]
    [InlineData("I got leg locked, straight ankle.", 1)]
    [InlineData("I guillotine him and pull to closed guard with it. Felt tight. He popped out.", 0)]
    public void A_doubted_tap_or_one_told_more_exactly_is_not_two(string text, int taps) =>
        Assert.Equal(taps, Rooms.Courses(text)[0].Events.Count(e => e.Outcome == Outcome.Tap));

    [Theory]
    [InlineData(
        "Lost the final to a triangle. I pulled guard. She locked the triangle and I tapped.",
        "me guard-pull landed | partner triangle-choke tap"
    )]
    [InlineData("Lost to an armbar. He pulled guard and I tapped in the end.", "partner guard-pull landed | partner armbar tap")]
    [InlineData("Lost to an armbar. He pulled guard.", "partner armbar tap | partner guard-pull landed")]
    public void A_result_that_opens_the_telling_is_told_in_its_place(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData("He heel hooked me. OK from the top: he passed my guard.", "partner guard-pass landed")]
    [InlineData("RNC... no collar actually, bow and arrow, tap.", "me bow-and-arrow-choke tap")]
    [InlineData("I passed. I pop to the mount, nope.", "me guard-pass landed")]
    [InlineData("I got the rear naked choke. He patted my arm, which was not a tap.", "me rear-naked-choke stopped")]
    [InlineData("He passed. Mount from him, never.", "partner guard-pass landed")]
    public void What_is_taken_back_is_no_event(string text, string expected) => Assert.Equal(expected, Best(text));

    [Theory]
    [InlineData("I was in X guard. I stood up with the leg.", "me x-guard-sweep landed")]
    [InlineData("He had mount. I trapped a foot and rolled him.", "me bridge-and-roll landed")]
    [InlineData("I swept her, nothing else happened.", "me sweep landed")]
    [InlineData("I had the loop choke on. And there is the bell. So close.", "me loop-choke near")]
    [InlineData("He was in my guard. Kimura, sweep, and I finish it from the top.", "me kimura tap | me sweep landed")]
    public void The_place_and_what_follows_say_what_it_was(string text, string expected) => Assert.Equal(expected, Best(text));

    [Fact]
    public void In_a_round_of_one_position_each_exchange_starts_there()
    {
        var course = Rooms.Courses("Bottom mount. 1st: upa, no, mounted triangle, tap. 2nd: got half. 3rd: arm triangle, tap. 4th: time.")[
            0
        ];
        Assert.Equal(["mount/bottom", "mount/bottom", "mount/bottom"], course.Cuts.Select(c => c.Start?.Id.Value));
        Assert.Equal([Who.Partner, Who.Partner], course.Events.Where(e => e.Outcome == Outcome.Tap).Select(e => e.By));
    }

    [Fact]
    public void Courses_come_best_first_and_are_few()
    {
        var courses = Rooms.Courses("Guard pull. Sweep. Pass. Mount. Armbar. Triangle. Escape. Half guard. Sweep again.");
        Assert.InRange(courses.Count, 2, 16);
        Assert.Equal(courses.Select(c => c.Cost).Order(), courses.Select(c => c.Cost));
    }

    [Fact]
    public void A_tap_ends_its_exchange_and_the_next_begins_from_nowhere()
    {
        var course = Rooms.Courses("I was in his guard. I tapped him with an ankle lock. He passed.")[0];
        Assert.Equal(ExchangeEnd.Tap, course.Cuts[0].End);
        Assert.Equal((Who.Partner, (Place?)null), (course.Events[^1].By, course.Events[^1].From));
    }

    [Fact]
    public void Where_they_stand_follows_every_event()
    {
        var events = Rooms.Courses("I pulled half guard, hit the old school sweep, passed and took mount.")[0].Events;
        Assert.All(
            events.Zip(events.Skip(1)),
            pair => Assert.True(pair.Second.From is null || pair.First.To is null || pair.Second.From == pair.First.To)
        );
        Assert.Equal(new PlaceId("mount/top"), events[^1].To?.Id);
    }
}
