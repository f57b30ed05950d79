using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Rounds;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class ClassTellingTests
{
    private static readonly Partner[] Partners =
    [
        new()
        {
            Id = "oak",
            Name = "Oak",
            Belt = Belt.Purple,
        },
        new()
        {
            Id = "tall",
            Name = "Tall one",
            AlsoCalled = ["Stretch"],
        },
    ];

    private static IReadOnlyList<ToldRoll> Read(string text) =>
        ClassReader.Read(text, Trade.With(null), Partners, TellingAside.Nothing with { Partner = "oak" });

    private static string Say(ToldRoll roll)
    {
        var with = roll.With is null ? "-" : roll.With.Known ?? roll.With.Name ?? "?";
        var notches = roll.Read.Exchanges.SelectMany(e => e.Exchange.Notches);
        return $"{with}: {string.Join(", ", notches.Select(n => $"{n.By} {n.Move?.Value ?? n.To?.Value}"))}";
    }

    [Theory]
    [InlineData("R1 Oak: I pulled guard. R2 Tall one: he passed.", "oak: Me guard-pull | tall: Partner guard-pass")]
    [InlineData("oak - I pulled guard.\nbirk (blue, my size) - he passed.", "oak: Me guard-pull | Birk: Partner guard-pass")]
    [InlineData("I pulled guard. He passed.", "-: Me guard-pull, Partner guard-pass")]
    [InlineData("I pulled guard. Then with Tall one. He passed.", "-: Me guard-pull | tall: Partner guard-pass")]
    [InlineData("I pulled guard. Then with Tall one, he passed.", "-: Me guard-pull | tall: Partner guard-pass")]
    [InlineData(
        "First roll with Oak. I pulled guard. Second roll was Stretch. Stretch swept me.",
        "oak: Me guard-pull | tall: Partner sweep"
    )]
    [InlineData(
        "first roll with oak i pulled guard and then i rolled with tall one and he passed",
        "oak: Me guard-pull | tall: Partner guard-pass"
    )]
    [InlineData(
        "Good class tonight. Rolled with Oak. He passed. Last roll with the purple belt. I swept her.",
        "oak: Partner guard-pass | ?: Me sweep"
    )]
    [InlineData("He armbarred me. Next exchange I swept him.", "-: Partner armbar, Me sweep")]
    [InlineData("I swept him. Next round. He swept me.", "-: Me sweep | -: Partner sweep")]
    [InlineData("I swept him. Third roll. With Oak: Oak passed.", "-: Me sweep | oak: Partner guard-pass")]
    [InlineData("I swept him.\nwith Oak\nhe passed", "-: Me sweep | oak: Partner guard-pass")]
    [InlineData("He swept me. Then with Rowan, a blue belt. Rowan passed.", "-: Partner sweep | Rowan: Partner guard-pass")]
    [InlineData("he swept me then with a new guy called rowan he passed", "-: Partner sweep | Rowan: Partner guard-pass")]
    [InlineData("he swept me then with rowan blue belt he passed", "-: Partner sweep | Rowan: Partner guard-pass")]
    [InlineData("Oak was late again. First roll with Stretch. He passed.", "tall: Partner guard-pass")]
    // A name that only comes late belongs to the roll that counting began.
    [InlineData("He swept me.\n\nThe second went better. Stretch passed.", "-: Partner sweep | tall: Partner guard-pass")]
    [InlineData("he swept me, then it was Stretch she passed", "-: Partner sweep | tall: Partner guard-pass")]
    [InlineData("Oak passed. Rowan and I traded grips. Rowan swept me.", "oak: Partner guard-pass | Rowan: Partner sweep")]
    [InlineData(
        "Rolled with Oak. He swept me. A visitor called Rowan asked me for the third. He passed.",
        "oak: Partner sweep | Rowan: Partner guard-pass"
    )]
    [InlineData(
        "Oak, me on his back: he got out.\nTall one, her in my guard: she passed.\nOak, one more time: he swept me.",
        "oak: Partner escape | tall: Partner guard-pass | oak: Partner sweep"
    )]
    [InlineData(
        "Round one was Oak. He passed.\n\nRound two I sat out.\n\nRound three was Stretch. She swept me.",
        "oak: Partner guard-pass | tall: Partner sweep"
    )]
    [InlineData("Oak. She got my back. Restart. She passed.", "oak: Partner back-take, Partner guard-pass")]
    // Who stands at the head of a line does not do what follows, once I do something in it.
    [InlineData(
        "Oak: she pulled closed guard, I stood up, knee cut to side control, cross collar choke, tap.",
        "oak: Partner guard-pull, Me stand-in-guard, Me knee-cut-pass, Me cross-collar-choke"
    )]
    public void Every_opening_begins_the_next_roll_with_whom_it_names(string text, string told) =>
        Assert.Equal(told, string.Join(" | ", Read(text).Select(Say)));

    [Theory]
    [InlineData("I passed. Then with his arm trapped I got the armbar.")]
    [InlineData("I passed. Then with the kimura grip I swept him.")]
    [InlineData("I passed. Then with Oak on my back I turtled.")]
    [InlineData("i passed then with momentum i took mount then with authority he bridged")]
    [InlineData("I went with him and swept him. I went with the tripod sweep.")]
    [InlineData("He swept me. Last week I rolled with Oak and he swept me too.")]
    [InlineData("First exchange he swept me. Second one I stuffed. Third time I passed.")]
    [InlineData("I rolled with it and ended up on top. Next time I need to post.")]
    public void What_only_sounds_like_an_opening_is_none(string text) => Assert.Single(Read(text));

    [Theory]
    [InlineData("Stretch passed. I swept him.", "tall")]
    [InlineData("I swept tall one. Oak was next to us.", "tall")]
    [InlineData("I swept him.", null)]
    public void A_nickname_in_the_telling_says_whom_it_was_with_and_lookers_on_do_not(string text, string? who) =>
        Assert.Equal(
            who,
            Assert.Single(ClassReader.Read(text, Trade.With(null), Partners, stop: TestContext.Current.CancellationToken)).With?.Known
        );

    [Theory]
    [InlineData("With Rowan, blue belt, bigger than me. He passed.", "Rowan", Belt.Blue, RelativeSize.Heavier)]
    [InlineData("Rolled with Rowan who is a way heavier brown belt. He passed.", "Rowan", Belt.Brown, null)]
    [InlineData("Rolled with Rowan, way heavier than me. He passed.", "Rowan", null, RelativeSize.MuchHeavier)]
    [InlineData("Rolled with Rowan about my size. He passed.", "Rowan", null, RelativeSize.Similar)]
    [InlineData("Rolled with a white belt smaller than me. He passed.", null, Belt.White, RelativeSize.Lighter)]
    [InlineData("Rolled with the purple belt. The blue belt rule is odd. He passed.", null, Belt.Purple, null)]
    public void A_partner_met_in_passing_has_a_name_a_belt_and_a_size(string text, string? name, Belt? belt, RelativeSize? size)
    {
        var with = Read(text)[0].With!;
        Assert.Equal((name, belt, size), (with.Name, with.Belt, with.Size));
    }

    [Fact]
    public void Offsets_of_a_roll_count_from_its_own_start_and_nothing_is_lost_between_rolls()
    {
        const string Text = "I pulled guard. Then with Stretch. He knee cut wozzle to side control.";
        var rolls = Read(Text);
        Assert.Equal(Text, string.Concat(rolls.Select(r => Text[r.Start..r.End])));
        foreach (var roll in rolls)
        foreach (var mention in roll.Read.Mentions)
            Assert.Equal(mention.Text, Text[(roll.Start + mention.Start)..(roll.Start + mention.End)]);
        Assert.Equal(["wozzle"], rolls.SelectMany(r => r.Read.Unread).Select(u => u.Text));
    }

    [Fact]
    public void A_correction_counts_its_words_through_all_rolls()
    {
        const string Text = "He swept me. Then with Stretch. He swept me.";
        var rolls = Corrections.Apply(Read(Text), Text, [new Correction("swept", 1, null)], MatVocabulary.BuiltIn);
        Assert.Equal(["-: Partner sweep", "tall: "], rolls.Select(Say));
    }

    [Theory]
    [InlineData("[0:12] I pulled guard and he [1:05] passed", new[] { 12, 65 })]
    [InlineData("[1:00:02] I pulled guard", new[] { 3602 })]
    [InlineData("[0:12] I pulled guard. He swept me. [0:40] I recovered guard.", new[] { 12, 12, 40 })]
    [InlineData("[0:12] at 0:30 I pulled guard", new[] { 30 })]
    public void Times_in_brackets_hold_for_what_is_told_after_them(string text, int[] seconds) =>
        Assert.Equal(seconds, Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches).Select(n => n.At!.Value.Seconds));

    [Theory]
    [InlineData("[0:99] I pulled guard")]
    [InlineData("[soon] I pulled guard")]
    [InlineData("[999:00] I pulled guard")]
    public void What_is_no_time_in_brackets_gives_none(string text) =>
        Assert.Null(Assert.Single(Trade.Read(text).Exchanges[0].Exchange.Notches).At);

    private const string TwoRolls = "First was Oak. He passed my guard. I escaped to half guard. Next was Stretch. I swept him.";

    [Theory]
    [InlineData("Next was Stretch. I", false, 1)]
    [InlineData("I escaped to half", true, 3)]
    [InlineData("words that are gone", true, 2)]
    public void A_cut_is_made_or_taken_away_by_hand_and_words_that_are_gone_cut_nothing(string words, bool begins, int rolls)
    {
        var aside = TellingAside.Nothing with { Cuts = [new CutByHand(words, 0, begins)] };
        Assert.Equal(rolls, ClassReader.Read(TwoRolls, Trade.With(null), Partners, aside, TestContext.Current.CancellationToken).Count);
    }

    [Fact]
    public void Every_start_that_is_offered_can_be_cut_at_or_joined()
    {
        var stop = TestContext.Current.CancellationToken;
        var read = ClassReader.Whole(TwoRolls, Trade.With(null), Partners, stop: stop);
        Assert.Contains(read.Starts, s => s.Begins);
        foreach (var start in read.Starts)
        {
            var aside = TellingAside.Nothing with { Cuts = [new CutByHand(start.Words, start.Occurrence, !start.Begins)] };
            var otherwise = ClassReader.Whole(TwoRolls, Trade.With(null), Partners, aside, stop);
            Assert.Equal(!start.Begins, otherwise.Rolls.Any(r => r.Start == start.Offset));
        }
    }

    [Theory]
    [InlineData("", 0, "tall", "tall tall")]
    [InlineData("Next was Stretch. I", 0, "oak", "oak oak")]
    [InlineData("Next was Stretch. I", 0, "", "oak ")]
    [InlineData("words that are gone", 0, "tall", "oak tall")]
    public void Whom_one_roll_was_with_is_said_by_hand_and_the_others_keep_theirs(string words, int time, string partner, string with)
    {
        var aside = TellingAside.Nothing with { With = [new WithByHand(words, time, partner)] };
        var telling = Telling.Read(TwoRolls, Trade.With(null), Partners, aside, TestContext.Current.CancellationToken);
        Assert.Equal(with, string.Join(' ', telling.Rolls.Select((_, r) => telling.PartnerOf(telling.WithOf(r)!)?.Id)));
        Assert.DoesNotContain(telling.Rolls.Select((_, r) => telling.WithOf(r)!), telling.IsNew);
    }

    /// <summary>Manners of going from one roll to the next, each of one class.</summary>
    [Theory]
    [InlineData("1. Oak - he passed. 0-1\n2. sat out\n3. Fitz - rnc. 1-0", "Oak Fitz")]
    [InlineData("A) Oak. He passed.\nB) Fitz (blue). I swept him.\nC) Oak wanted more. He passed.", "Oak Fitz Oak")]
    [InlineData("R1: Oak. He passed.\nR2: Fitz. I swept him.", "Oak Fitz")]
    [InlineData("Oak: he passed, americana.\nFitz: I swept him.", "Oak Fitz")]
    [InlineData("passed me, armbar (Oak)\nswept him, mount (Fitz)", "Oak Fitz")]
    [InlineData("18:05 Oak, he passed\n18:12 Fitz, I swept him", "Oak Fitz")]
    [InlineData("I pulled guard and got choked.\nThat was Oak.\n\nArm drag, back, choke.\nThat was Fitz.", "Oak Fitz")]
    [InlineData(
        "I pulled guard and got choked. That was Oak.\n\nGrip fought, fell over, laughed. That was Fitz, who is weeks out of surgery.",
        "Oak Fitz"
    )]
    [InlineData(
        "First was Stretch, arm triangle, I tapped. Oak and Fitz to finish, one after the other: Oak couldn't pass, Fitz armbarred me.",
        "Tall one Oak Fitz"
    )]
    [InlineData(
        "okay so first up was oak and he passed and then i had tall one and i swept him and then oak again and i tapped",
        "Oak Tall one Oak"
    )]
    [InlineData("First was Oak, who plays like Stretch but heavier. He passed. Then Fitz. I swept him. Stretch watched.", "Oak Fitz")]
    [InlineData("Drilled the knee cut with Stretch. Rolled with Oak. He passed. Fitz asked me for a round but time was over.", "Oak")]
    [InlineData(
        "First was Oak. I swept him. Last was Oak's brother, no clue what he's called. I pulled guard, triangle, he tapped.",
        "Oak "
    )]
    [InlineData("Karl's cousin was first, he passed. Then Karl. I swept him.", " Karl")]
    [InlineData("First was Oak. I swept him. Last was Oak's brother Fitz. I pulled guard, triangle, he tapped.", "Oak Fitz")]
    [InlineData("First was Oak. I swept him.\nA guest I'd never seen, huge. He sat on me. Tapped to the pressure.", "Oak ")]
    [InlineData("In comes Oak, he passed. In comes Fitz, I swept him. Oak back in, he armbarred me.", "Oak Fitz Oak")]
    public void A_class_is_cut_in_whatever_manner_it_is_told(string text, string with) =>
        Assert.Equal(
            with,
            string.Join(
                ' ',
                ClassReader.Read(text, Trade.With(null), Partners, stop: TestContext.Current.CancellationToken).Select(r => r.With?.Name)
            )
        );

    /// <summary>Names that nobody has met, where only the way they stand says that they are names.</summary>
    [Theory]
    [InlineData("Solveig\n- he passed\n- subs: none\n\nArturo\n- I swept him", "Solveig Arturo")]
    [InlineData("Ansel, 5 min: he passed.\nRuth, 5 min: I swept her.", "Ansel Ruth")]
    [InlineData("1) petra purple - she passed\n2) aksel white - i swept him", "Petra Aksel")]
    [InlineData("first one was with cass and she passed and then the second one was ferdie and i swept him", "Cass Ferdie")]
    public void A_name_that_nobody_has_met_is_known_by_where_it_stands(string text, string with) =>
        Assert.Equal(
            with,
            string.Join(
                ' ',
                ClassReader.Read(text, Trade.With(null), [], stop: TestContext.Current.CancellationToken).Select(r => r.With?.Name)
            )
        );

    [Fact]
    public void Two_rolls_announced_with_one_partner_are_two() =>
        Assert.Equal(
            ["oak", "oak", "tall"],
            Read("I had Oak for the first two. First one he passed. Second one I swept him. Stretch was third, he armbarred me.")
                .Select(r => r.With?.Known)
        );
}
