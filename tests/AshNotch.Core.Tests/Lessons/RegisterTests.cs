using AshNotch.Core.Lessons;
using AshNotch.Core.Reading.Headed;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Lessons;

/// <summary>The register of what was to be remembered: what came back, whether it was tried since, where it is found.</summary>
public class RegisterTests
{
    private static readonly MoveId KneeCut = new("knee-cut-pass");
    private static readonly MoveId Armbar = new("armbar");
    private static readonly PlaceId HalfGuard = new("half-guard/bottom");

    private static Notch Mine(MoveId move, Outcome outcome = Outcome.Landed, PlaceId? from = null) =>
        new()
        {
            By = Who.Me,
            Move = move,
            From = from,
            Outcome = outcome,
        };

    private static Session Day(int day, params Roll[] rolls) =>
        new()
        {
            Id = $"s{day}",
            Date = new DateOnly(2026, 3, day),
            Rolls = [.. rolls.Select((r, i) => r with { Id = $"r{day}-{i}" })],
        };

    private static Roll Rolled(params Notch[] notches) => new() { Id = "", Exchanges = [new Exchange { Notches = notches }] };

    private static Roll Took(params string[] takeaways) => new() { Id = "", Takeaways = [.. takeaways.Select(t => new Takeaway(t))] };

    private static Register Of(params Session[] sessions) => Register.Of(new Log { Sessions = sessions }, Trade.With(null));

    [Fact]
    public void What_is_said_again_in_nearly_the_same_words_came_back()
    {
        var register = Of(
            Day(1, Took("Keep the elbow in from half guard.")),
            Day(3, Took("elbow in, half guard!", "Breathe.")),
            Day(5, Took("Same mistake: elbow out in half guard"))
        );
        Assert.Equal([3, 1], register.Lessons.Select(l => l.Times.Count));
        var came = register.Lessons[0];
        Assert.Equal((LessonKind.Again, "Same mistake: elbow out in half guard"), (came.Kind, came.Text));
        Assert.Equal([5, 3, 1], came.Times.Select(t => t.Date!.Value.Day));
        Assert.Equal("Came back: said 3 times.", LessonWords.Times(came));
    }

    [Fact]
    public void Other_words_about_the_same_place_are_another_lesson() =>
        Assert.Equal(2, Of(Day(1, Took("Knee shield early in half guard", "Half guard: fight for the underhook"))).Lessons.Count);

    [Fact]
    public void What_was_taught_is_followed_into_live_rolls()
    {
        var day = Day(3, Rolled(Mine(KneeCut)), Rolled(Mine(KneeCut, Outcome.Stopped))) with
        {
            Taught = [new Taught("knee cut with an underhook", null, KneeCut, "coach")],
        };
        var practice = Rolled(Mine(KneeCut), Mine(KneeCut)) with { Kind = RollKind.Drill };
        var lesson = Assert.Single(Of(Day(1, Rolled(Mine(KneeCut))), day, Day(5, practice), Day(6, Rolled(Mine(KneeCut)))).Lessons);
        // The same day counts, the week before and the drilled round do not.
        Assert.Equal(new Tried(3, 2, new DateOnly(2026, 3, 6)), lesson.Tried);
        Assert.Equal("Tried live 3 times since, came off twice.", LessonWords.Tried(lesson));
        Assert.Equal(("coach", "your knee cut pass"), (lesson.By, lesson.About.Say(MatVocabulary.BuiltIn)));
    }

    [Fact]
    public void What_was_missed_is_tried_only_after_it()
    {
        var missed = Rolled(Mine(Armbar)) with { Missed = [new MissedChance("the armbar was there", HalfGuard, Armbar)] };
        var lesson = Assert.Single(Of(Day(1, missed)).Lessons);
        Assert.Equal("Not tried in a live roll since.", LessonWords.Tried(lesson));
        var elsewhere = Of(Day(1, missed), Day(2, Rolled(Mine(Armbar, from: new("mount/top"))))).Lessons;
        Assert.Equal(0, Assert.Single(elsewhere).Tried!.Times);
        var since = Of(Day(1, missed), Day(2, Rolled(Mine(Armbar, from: HalfGuard)))).Lessons;
        Assert.Equal("Tried live once since, and it came off.", LessonWords.Tried(Assert.Single(since)));
    }

    [Fact]
    public void What_to_do_against_a_move_of_theirs_is_nothing_to_try()
    {
        var passed = Trade.KneeCut with { Advice = [new Advice("frame before the knee cut is in", "coach")] };
        var lesson = Assert.Single(Of(Day(1, Rolled(passed))).Lessons);
        Assert.Equal(Who.Partner, lesson.About.By);
        Assert.Null(lesson.Tried);
        Assert.True(lesson.About.Concerns(new Way(HalfGuard, Who.Partner, KneeCut)));
        Assert.False(lesson.About.Concerns(new Way(HalfGuard, Who.Me, KneeCut)));
    }

    [Fact]
    public void What_somebody_said_about_no_notch_is_their_advice()
    {
        var lesson = Assert.Single(Of(Day(1, Took(new Advice("hips first", "coach").Quote()))).Lessons);
        Assert.Equal((LessonKind.Advice, "hips first", "coach"), (lesson.Kind, lesson.Text, lesson.By));
    }

    [Fact]
    public void Advice_that_names_no_move_is_not_said_to_be_untried()
    {
        var tapped = Mine(Armbar, Outcome.Tap) with { Advice = [new Advice("stop reaching for the head", "coach")] };
        Assert.Null(Assert.Single(Of(Day(1, Rolled(tapped))).Lessons).Tried);
        var named = Mine(KneeCut) with { Advice = [new Advice("look for the armbar", "coach")] };
        Assert.Equal(0, Assert.Single(Of(Day(1, Rolled(named))).Lessons).Tried!.Times);
    }

    [Fact]
    public void Hazards_stand_first_however_often_the_rest_came_back()
    {
        var register = Of(Day(1, Took("Grip first.")), Day(2, Took("Grip first.")), Day(3, Took("Tapped too late to that heel hook.")));
        Assert.Equal([true, false], register.Lessons.Select(l => l.IsHazard));
    }

    [Fact]
    public void A_cause_named_twice_at_one_exchange_is_a_lesson()
    {
        var late = Trade.KneeCut with { Causes = ["late"] };
        var clock = Trade.KneeCut with { Causes = [Causes.Clock] };
        var register = Of(Day(1, Rolled(late, clock)), Day(2, Rolled(late with { Causes = ["reached", "late"] }, clock)));
        var lesson = Assert.Single(register.Lessons);
        Assert.Equal((LessonKind.Cause, "Late (twice); reached.", "Named 3 times."), (lesson.Kind, lesson.Text, LessonWords.Times(lesson)));
        Assert.Single(register.About(new Way(HalfGuard, Who.Partner, KneeCut)));
    }

    [Theory]
    [InlineData("knee", 2)]
    [InlineData("pass coach", 1)]
    [InlineData("UNDERHOOKS", 1)]
    [InlineData("oak", 0)]
    [InlineData("", 2)]
    public void It_is_found_by_word_by_move_and_by_who_said_it(string search, int found)
    {
        var register = Of(Day(1, Took("Knee shield early")) with { Taught = [new Taught("underhook first", null, KneeCut, "coach")] });
        Assert.Equal(found, register.Find(search, a => a.Say(MatVocabulary.BuiltIn)).Count());
    }

    [Fact]
    public void Own_cues_are_short_and_of_the_exchange()
    {
        var roll = Rolled(Trade.KneeCut) with
        {
            Takeaways =
            [
                new Takeaway("Block with the shin.", 0, 0),
                new Takeaway(new string('a', 200), 0, 0),
                new Takeaway("Mount: knees in.", 0, 0),
            ],
        };
        Assert.Equal(["Block with the shin."], Of(Day(1, roll)).Cues(new Way(HalfGuard, Who.Partner, KneeCut)));
    }

    public static TheoryData<string, string> Phrases()
    {
        var rows = new TheoryData<string, string>();
        foreach (var (kind, phrases) in LessonPhrases.All.Where(k => k.Key != "little"))
        foreach (var phrase in phrases)
            rows.Add(kind, string.Join(' ', phrase));
        foreach (var phrase in HeadPhrases.Hazards)
            rows.Add("hazard", string.Join(' ', phrase));
        return rows;
    }

    [Theory]
    [MemberData(nameof(Phrases))]
    public void Each_phrase_is_heard_in_a_sentence(string kind, string phrase)
    {
        var words = Word.Split($"It was {phrase} in the third round");
        Assert.True(kind == "hazard" ? LessonPhrases.IsHazard(words) : LessonPhrases.IsAgain(words));
        var plain = Word.Split("Keep the elbow in and frame before turning");
        Assert.False(LessonPhrases.IsHazard(plain) || LessonPhrases.IsAgain(plain));
    }

    [Fact]
    public void An_empty_log_has_no_lessons() => Assert.Empty(Of().Lessons);
}
