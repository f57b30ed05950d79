using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Sheets;
using AshNotch.Core.Reading.Tallies;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>Tellings kept as a sheet: heads that say whose a part is, won and lost, tables, ticks, and counts of one kind.</summary>
public class SheetTests
{
    private static string Told(string text) =>
        string.Join(
            "; ",
            Trade
                .Read(text.Replace("\\n", "\n", StringComparison.Ordinal))
                .Exchanges.SelectMany(e => e.Exchange.Notches)
                .Select(n => $"{Term.Of(n.By)} {n.Move?.Value ?? n.To?.Value ?? "-"} {Term.Of(n.Outcome)}")
        );

    [Theory]
    [InlineData("got: leg drag, armbar. gave: toreando.", "me leg-drag-pass landed; me armbar tap; partner toreando-pass landed")]
    [InlineData("gave: leg drag, armbar. got: toreando.", "partner leg-drag-pass landed; partner armbar tap; me toreando-pass landed")]
    [InlineData("mine: knee cut\\nhis: flower sweep", "me knee-cut-pass landed; partner flower-sweep landed")]
    [InlineData("first go → got: ankle pick. gave: kimura from mount", "me ankle-pick landed; partner kimura tap")]
    [InlineData(
        "From their mount: upa 1, elbow escape 2, stuck 1",
        "me bridge-and-roll landed; me elbow-escape landed; me elbow-escape landed"
    )]
    [InlineData(
        "top rounds: knee cut 1, toreando 2, swept 1",
        "me knee-cut-pass landed; me toreando-pass landed; me toreando-pass landed; partner sweep landed"
    )]
    [InlineData("Me on his back x5: RNC 2, lost it 3.", "me rear-naked-choke tap; me rear-naked-choke tap")]
    [InlineData("W vs the big blue, IHH. L vs coach, KB", "me inside-heel-hook tap; partner kneebar tap")]
    [InlineData("W vs the big blue, RNC.", "me rear-naked-choke tap")]
    [InlineData("L vs the big blue, RNC.", "partner rear-naked-choke tap")]
    [InlineData("L vs coach: heel hook, kneebar", "partner heel-hook tap; partner kneebar tap")]
    [InlineData("✅ tripod sweep\\n❌ knee cut\\n✅ kimura", "me tripod-sweep landed; me knee-cut-pass stopped; me kimura tap")]
    public void A_head_says_whose_a_part_is_and_a_sign_how_it_came_out(string text, string told) => Assert.Equal(told, Told(text));

    [Theory]
    [InlineData(
        "Three subs against me today: armbar, armbar, rear naked. One for me, americana.",
        "partner armbar tap; partner armbar tap; partner rear-naked-choke tap; me americana tap"
    )]
    [InlineData(
        "3 against (armbar, kimura, RNC), 1 for (americana)",
        "partner armbar tap; partner kimura tap; partner rear-naked-choke tap; me americana tap"
    )]
    [InlineData(
        "Finished two: armbar, kimura. Was finished twice: heel hook both times.",
        "me armbar tap; me kimura tap; partner heel-hook tap; partner heel-hook tap"
    )]
    [InlineData(
        "Got him with two, an armbar and a choke. He got me with one, a toe hold.",
        "me armbar tap; me choke tap; partner toe-hold tap"
    )]
    [InlineData(
        "Wins: 2 (both RNC). Losses: 1 (triangle).",
        "me rear-naked-choke tap; me rear-naked-choke tap; partner triangle-choke tap"
    )]
    [InlineData(
        "Subs landed - kimura. Subs defended - triangle, armbar.",
        "me kimura tap; partner triangle-choke stopped; partner armbar stopped"
    )]
    [InlineData("He hit two sweeps, he passed.", "partner sweep landed; partner sweep landed; partner guard-pass landed")]
    [InlineData("I hit two sweeps, then he passed.", "me sweep landed; me sweep landed; partner guard-pass landed")]
    [InlineData(
        "+ arm drag\\n+ RNC\\n- toreando\\n- heel hook",
        "me arm-drag landed; me rear-naked-choke tap; partner toreando-pass landed; partner heel-hook tap"
    )]
    [InlineData(
        "Tapped to: ezekiel from mount. Tapped with: darce x2.",
        "partner ezekiel-choke tap; me darce-choke tap; me darce-choke tap"
    )]
    public void A_head_that_counts_says_whose_its_list_is(string text, string told) => Assert.Equal(told, Told(text));

    public static TheoryData<string, string> CountedHeads() =>
        [
            .. from kind in (string[])["counted-me", "counted-partner"]
            from phrase in SideWords.Of(kind)
            select (string.Join(' ', phrase), kind["counted-".Length..]),
        ];

    [Theory]
    [MemberData(nameof(CountedHeads))]
    public void Every_word_of_a_counting_head_says_whose_its_list_is(string words, string who) =>
        Assert.Equal($"{who} armbar tap; {who} kimura tap", Told($"{words} 2 (armbar, kimura)"));

    public static TheoryData<string> Stopped() => [.. SideWords.Of("counted-stopped").Select(p => string.Join(' ', p))];

    [Theory]
    [MemberData(nameof(Stopped))]
    public void What_was_defended_came_to_nothing(string word) =>
        Assert.Equal("partner armbar stopped; partner kimura stopped", Told($"Subs {word}: armbar, kimura."));

    public static TheoryData<string, string> Heads() =>
        [.. from who in (string[])["me", "partner"] from phrase in SideWords.Of(who) select (string.Join(' ', phrase), who)];

    [Theory]
    [MemberData(nameof(Heads))]
    public void Every_head_says_whose_its_part_is(string head, string who) =>
        Assert.Equal($"{who} leg-drag-pass landed", Told($"{head}: leg drag."));

    public static TheoryData<string, string> Counted() =>
        [.. TallyWords.Phrases.Where(p => p.Kind is not ("me" or "partner" or "none")).Select(p => (string.Join(' ', p.Phrase), p.Kind))];

    // How many taps there were is summed up elsewhere, where no submission is named.
    [Theory]
    [MemberData(nameof(Counted))]
    public void Everything_that_is_counted_is_heard(string word, string move) =>
        Assert.Equal(
            move == "submission" ? "me armbar tap" : $"me {move} landed",
            Told(move == "submission" ? $"{word} 1-0 (armbar)" : $"{word} 1-0")
        );

    public static TheoryData<string, string> Sides() =>
        [.. TallyWords.Phrases.Where(p => p.Kind is "me" or "partner").Select(p => (string.Join(' ', p.Phrase), p.Kind))];

    [Theory]
    [MemberData(nameof(Sides))]
    public void A_number_is_of_the_side_named_beside_it(string side, string who) =>
        Assert.Equal($"{who} sweep landed", Told($"sweeps: 1 {side}"));

    [Theory]
    [InlineData("passes 2/3 today", "passes 2/3 today")]
    [InlineData("he got half guard and I passed", "he got half guard and I passed")]
    [InlineData("I got a sweep: the scissor", "I got a sweep: the scissor")]
    public void A_word_in_the_run_of_a_sentence_heads_nothing(string text, string plain)
    {
        var sheet = Sheet.Of(text);
        Assert.Equal(plain, sheet.Plain);
        Assert.Empty(sheet.Sides);
    }

    [Fact]
    public void Two_of_three_is_no_count_of_both_sides() =>
        Assert.DoesNotContain("partner", Told("sweeps 2/3 today"), StringComparison.Ordinal);

    [Fact]
    public void The_columns_of_a_table_say_whose_it_is()
    {
        const string table = "|who|got|gave|\\n|Oak|double leg, armbar|-|\\n|Birch|-|toreando, RNC|";
        Assert.Equal("me double-leg landed; me armbar tap; partner toreando-pass landed; partner rear-naked-choke tap", Told(table));
        Assert.Equal(
            "partner double-leg landed; partner armbar tap; me toreando-pass landed; me rear-naked-choke tap",
            Told(table.Replace("|got|gave|", "|him|me|", StringComparison.Ordinal))
        );
    }

    [Theory]
    [InlineData("subs 0-2 (armbar, triangle)", "partner armbar tap; partner triangle-choke tap")]
    [InlineData("subs 2-0 (armbar, triangle)", "me armbar tap; me triangle-choke tap")]
    [InlineData("sweeps 1-0 (scissor)\\npasses 0-1", "me scissor-sweep landed; partner guard-pass landed")]
    [InlineData("passes: 2 for, 1 against", "me guard-pass landed; me guard-pass landed; partner guard-pass landed")]
    [InlineData("passes for 0 / against 1", "partner guard-pass landed")]
    [InlineData("takedowns: none\\nsweeps 0-1", "partner sweep landed")]
    [InlineData("TDs 2-0 (double leg)", "me double-leg landed; me double-leg landed")]
    [InlineData("sweeps 3-0 (scissor, hip bump)", "me scissor-sweep landed; me hip-bump-sweep landed; me sweep landed")]
    public void A_count_of_one_kind_is_so_many_events_of_the_side_it_names(string text, string told) => Assert.Equal(told, Told(text));

    [Theory]
    [InlineData(
        "I hit the scissor sweep. He passed with a knee cut. Sweeps 1-0, passes 0-1.",
        "me scissor-sweep landed; partner knee-cut-pass landed"
    )]
    [InlineData("I hit the scissor sweep. Sweeps 2-0.", "me scissor-sweep landed; me sweep landed")]
    public void A_sum_of_what_was_told_counts_nothing_twice(string text, string told) => Assert.Equal(told, Told(text));

    [Fact]
    public void In_a_count_of_both_sides_what_is_named_first_is_taken_for_mine_and_asked()
    {
        var notches = Trade.Read("subs 1-1 (armbar, triangle)").Exchanges.SelectMany(e => e.Exchange.Notches).ToList();
        Assert.Equal([Who.Me, Who.Partner], notches.Select(n => n.By));
        Assert.All(notches, n => Assert.Equal(Outcome.Tap, n.Outcome));
    }

    [Theory]
    [InlineData(
        "Got footswept, flattened out and mounted.",
        "partner foot-sweep landed; partner flatten-out landed; partner take-mount landed"
    )]
    [InlineData("I was armbarred from guard, then triangled.", "partner armbar tap; partner triangle-choke tap")]
    [InlineData(
        "I had two sweeps, he had three passes",
        "me sweep landed; me sweep landed; partner guard-pass landed; partner guard-pass landed; partner guard-pass landed"
    )]
    [InlineData("Tapped to both chokes.", "partner choke tap; partner choke tap")]
    [InlineData("got: armbar, armbar", "me armbar tap; me armbar tap")]
    [InlineData("we traded guard passes, 2-1 in passes", "me guard-pass landed; me guard-pass landed; partner guard-pass landed")]
    [InlineData(
        "Him: passes 2 (over under, leg weave), sweeps 1 (hip bump).\\nMe: sweeps 1 (tripod), passes 0.",
        "partner over-under-pass landed; partner leg-weave-pass landed; partner hip-bump-sweep landed; me tripod-sweep landed"
    )]
    public void A_row_of_passives_and_a_number_before_a_name_are_heard(string text, string told) => Assert.Equal(told, Told(text));

    [Theory]
    [InlineData("+1 armbar, -1 kimura.", "me armbar tap; partner kimura tap")]
    [InlineData("Quick one: +2 (armbar, kimura), -1 (triangle).", "me armbar tap; me kimura tap; partner triangle-choke tap")]
    [InlineData("Scissor sweep y, armbar n, his knee cut y", "me scissor-sweep landed; me armbar stopped; partner knee-cut-pass landed")]
    [InlineData(
        "Successful: toreando. Failed: armbar. Conceded: hip bump.",
        "me toreando-pass landed; me armbar stopped; partner hip-bump-sweep landed"
    )]
    [InlineData("Got swept 0, passed 1, mounted 0.", "partner guard-pass landed")]
    [InlineData("Mon: tapped 2x (guillotine, heel hook).", "partner guillotine tap; partner heel-hook tap")]
    [InlineData("Got my guard passed by everybody.", "partner guard-pass landed")]
    [InlineData("Didn't get my guard passed once. Didn't get a sub either.", "")]
    [InlineData("wins - kimura, armbar", "me kimura tap; me armbar tap")]
    public void Signs_and_noughts_count(string text, string told) => Assert.Equal(told, Told(text));

    [Theory]
    [InlineData("Oak: swept him, mount, americana, he tapped.", "me sweep landed; me americana tap")]
    [InlineData("Oak: ankle pick", "partner ankle-pick landed")]
    public void A_name_with_a_colon_acts_unless_the_line_speaks_of_them(string text, string told) => Assert.Equal(told, Told(text));

    [Fact]
    public void In_a_class_a_name_with_a_colon_says_whom_a_roll_was_with()
    {
        var rolls = ClassReader.Read(
            "First was Noor. Then Tilde, she passed. Last Bram: body lock pass, mount, arm triangle, he tapped.",
            Phrasebook.Of(MatVocabulary.BuiltIn),
            [],
            stop: TestContext.Current.CancellationToken
        );
        Assert.Equal("Bram", rolls[^1].With?.Name);
        Assert.All(rolls[^1].Read.Exchanges.SelectMany(e => e.Exchange.Notches), n => Assert.Equal(Who.Me, n.By));
        Assert.Equal(1, rolls[^1].Taps.Me);
    }

    // "2-1 on the day" at the end is no tap of the last roll.
    [Theory]
    [InlineData("1-1 on the day.", 1)]
    [InlineData("0-2.", 2)]
    public void A_pair_that_sums_up_the_class_adds_nothing_to_its_last_roll(string sum, int partner)
    {
        var rolls = ClassReader.Read(
            $"First with Oak. He passed, I tapped to an armbar. Then with Birch. I took the back, RNC, she tapped. {sum}",
            Phrasebook.Of(MatVocabulary.BuiltIn),
            [],
            stop: TestContext.Current.CancellationToken
        );
        Assert.Equal(2, rolls.Count);
        Assert.Equal(1, rolls[0].Taps.Partner);
        Assert.Equal(partner == 1 ? 0 : partner, rolls[1].Taps.Partner);
    }

    [Fact]
    public void A_mark_after_a_name_and_a_dash_says_who_won_and_is_no_part_of_the_name()
    {
        var rolls = ClassReader.Read(
            "No gi.\n1. Kestrel - W (guillotine)\n2. Doran - L L (heel hook, kneebar)\n3. Ivy - nothing, flow roll",
            Phrasebook.Of(MatVocabulary.BuiltIn),
            [],
            stop: TestContext.Current.CancellationToken
        );
        Assert.Equal(["Kestrel", "Doran", "Ivy"], rolls.Select(r => r.With?.Name));
        Assert.Equal([(1, 0), (0, 2), (0, 0)], rolls.Select(r => (r.Taps.Me, r.Taps.Partner)));
    }

    // "Same again" after a hold that nobody said more of: what came of it is asked, not taken for stopped.
    [Theory]
    [InlineData("He smash passed me, mount, americana. Same thing again.")]
    [InlineData("He took my back, RNC. Same again.")]
    public void The_same_again_after_a_hold_is_asked(string text) =>
        Assert.Contains(
            RollRead
                .Join(ClassReader.Read(text, Phrasebook.Of(MatVocabulary.BuiltIn), [], stop: TestContext.Current.CancellationToken))
                .Exchanges.SelectMany(e => e.Exchange.Notches),
            n => n is { Outcome: Outcome.Tap, Unsure: true, By: Who.Partner }
        );

    [Theory]
    [InlineData("Passes 0-2, I survived.", 0)]
    [InlineData("We traded passes, 2-2 in passes.", 0)]
    [InlineData("He pulled, then I passed. Ref gave me 3. 3-0.", 0)]
    [InlineData("Goal was 5-2. I passed.", 0)]
    public void Points_and_what_was_only_wanted_are_no_taps(string text, int taps) =>
        Assert.Equal(
            taps,
            RollRead
                .Join(ClassReader.Read(text, Phrasebook.Of(MatVocabulary.BuiltIn), [], stop: TestContext.Current.CancellationToken))
                .Exchanges.Sum(e => e.Exchange.Notches.Count(n => n.Outcome == Outcome.Tap))
        );

    // Nothing of the telling moves, whatever its form says: what was read points into it.
    [Theory]
    [InlineData("got: leg drag, armbar. gave: toreando.")]
    [InlineData("|who|got|gave|\n|Oak|double leg|-|")]
    [InlineData("W vs Oak, RNC\nsweeps 1-0 (scissor)")]
    public void Every_notch_points_at_its_own_words(string text)
    {
        Assert.Equal(text.Length, Sheet.Of(text).Plain.Length);
        Assert.All(
            Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches),
            n => Assert.InRange(n.Span!.Value.End, n.Span.Value.Start + 1, text.Length)
        );
    }

    // What was told one by one is in the count after it, of its own side and kind; each count is held against all before it.
    [Theory]
    [InlineData("I swept him. Sweeps 1-0.", "me sweep landed")]
    [InlineData("I swept him. Sweeps 2-0.", "me sweep landed; me sweep landed")]
    [InlineData("I swept him. Sweeps 1-1.", "me sweep landed; partner sweep landed")]
    [InlineData("I swept him. Passes 1-0.", "me sweep landed; me guard-pass landed")]
    [InlineData(
        "I swept him. Sweeps 2-0. He passed. Passes 0-1, sweeps 2-0.",
        "me sweep landed; me sweep landed; partner guard-pass landed"
    )]
    public void A_count_counts_nothing_twice(string text, string told) => Assert.Equal(told, Told(text));

    // A long line: what stands at a place is found wherever it stands.
    [Fact]
    public void Every_part_of_a_sheet_has_its_side()
    {
        var sheet = Sheet.Of(string.Concat(Enumerable.Repeat("got: armbar. gave: pass. ", 40)));
        Assert.Equal(80, sheet.Sides.Count);
        foreach (var side in sheet.Sides)
        {
            Assert.Same(side, sheet.At(side.Start));
            Assert.Same(side, sheet.At(side.End - 1));
            Assert.NotSame(side, sheet.At(side.Start - 1));
        }
        Assert.Null(sheet.At(0));
        Assert.Null(sheet.At(sheet.Plain.Length));
    }
}
