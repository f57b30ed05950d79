using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>Every row of the lexicon reads its own example as it says.</summary>
public class LexiconTests
{
    public static TheoryData<string, string, string> Rows()
    {
        var rows = new TheoryData<string, string, string>();
        foreach (var row in Lexicon.BuiltIn.Rows)
            rows.Add(row.Patterns[0], row.Example, row.Expect);
        return rows;
    }

    [Theory]
    [MemberData(nameof(Rows))]
    public void A_row_is_read_as_its_example_says(string forms, string example, string expect)
    {
        Assert.False(string.IsNullOrEmpty(example), $"the row '{forms}' has no example");
        var told = Trade.Read(example).Exchanges.SelectMany(e => e.Exchange.Notches).SelectMany(Said).ToList();
        if (expect == "none")
            Assert.Empty(told);
        else
            Assert.Contains(expect, told);
    }

    // Else an example could be read right without its row.
    [Fact]
    public void An_example_is_heard_by_its_row() =>
        Assert.Equal(
            "",
            string.Join(
                '\n',
                Lexicon
                    .BuiltIn.Rows.Where(r => r.Move is null)
                    .Where(r => !Rooms.Clauses(r.Example).Clauses.SelectMany(c => c.Items).Any(i => i.Is(r.Act)))
                    .Select(r => $"{r.Act}: {r.Patterns[0]}: {r.Example}")
            )
        );

    // A form stands in one row of a kind, or the rows would disagree about it; what bodies do stands for millions.
    [Fact]
    public void No_form_stands_twice_in_one_section() =>
        Assert.Empty(
            Lexicon
                .BuiltIn.Rows.Where(r => !r.IsBodily)
                .SelectMany(r => r.Forms.Distinct().Select(f => (r.Act, r.Move, Form: f)))
                .GroupBy(f => f)
                .Where(g => g.Count() > 1)
                .Select(g => $"{g.Key.Act}: {g.Key.Form}")
        );

    // A pattern stands for many forms, of which its example is one: each word of it in its place.
    [Fact]
    public void Every_word_of_what_bodies_do_is_heard_in_its_place() =>
        Assert.Equal(
            "",
            string.Join(
                '\n',
                from row in Lexicon.BuiltIn.Rows
                where row.IsBodily
                from form in row.Patterns.SelectMany(FormPattern.Steps).SelectMany(Forms).Distinct()
                where !Rooms.Clauses($"Oak {form}.").Clauses.SelectMany(c => c.Items).Any(i => i.Name?.Move?.Id.Value == row.Move)
                select $"{row.Move}: {form}"
            )
        );

    // The first word of each place, and every other one once.
    private static IEnumerable<string> Forms(IReadOnlyList<IReadOnlyList<string>> steps) =>
        from at in Enumerable.Range(0, steps.Count)
        from word in steps[at]
        select string.Join(' ', steps.Select((step, i) => i == at ? word : step[0]));

    [Theory]
    [InlineData("trap", "trap traps trapped trapping")]
    [InlineData("squeeze", "squeeze squeezes squeezed squeezing")]
    [InlineData("stretch", "stretch stretches stretched stretching")]
    [InlineData("pry", "pry pries pried prying")]
    [InlineData("straighten", "straighten straightens straightened straightening")]
    [InlineData("bend", "bend bends bent bending")]
    public void A_verb_has_its_forms(string lemma, string forms) => Assert.Equal(forms.Split(' '), Conjugation.Of(lemma));

    [Theory]
    [InlineData("{squeeze} my neck", "squeeze my neck, squeezes my neck, squeezed my neck, squeezing my neck")]
    [InlineData("legs (round|around) his neck", "legs round his neck, legs around his neck")]
    [InlineData("hold @ leg", "hold my leg, hold his leg, hold her leg, hold their leg")]
    [InlineData("pull @o on %o", "pull me on him, pull me on her, pull me on them, pull him on me, pull her on me, pull them on me")]
    public void A_pattern_stands_for_its_forms(string pattern, string forms) => Assert.Equal(forms.Split(", "), FormPattern.Forms(pattern));

    // Nobody is named but the other one: it is either's.
    [Theory]
    [InlineData("(legs|feet) (wrapped|locked) round %o", "legs wrapped round me")]
    [InlineData("(legs|feet) (wrapped|locked) round %o", "feet locked round her")]
    [InlineData("{end up} in % legs", "ended up in my legs")]
    [InlineData("{push} (him|her) (over|down|) (the (short|long) way|)", "pushed her the long way")]
    [InlineData("{push} (him|her) (over|down|) (the (short|long) way|)", "pushed him over the short way")]
    [InlineData("{push} (him|her) (over|down|) (the (short|long) way|)", "pushes him")]
    public void Choices_and_verbs_stand_in_one_another(string pattern, string form) => Assert.Contains(form, FormPattern.Forms(pattern));

    private static Hit? Heard(string phrase, string telling)
    {
        var tree = new PhraseTree();
        tree.Add(new LexiconRow(Act.Does, "take-mount", phrase.Split(", "), "", ""));
        return tree.At(Word.Split(telling), 0);
    }

    [Theory]
    [InlineData("{sit} on @ chest", "sat on my chest", 4)]
    [InlineData("{sit} on @ chest", "sat right down on my chest", 6)]
    [InlineData("{sit} on @ chest", "sat right down then again on my chest", null)]
    [InlineData("{sit} on @ chest", "sat, on my chest", null)]
    [InlineData("{sit} on the mat", "sat right on the mat", null)]
    [InlineData("{sit} on @ chest, {sit} on @ chest and face", "sat on my chest and face", 6)]
    [InlineData("({sit}|lay) on @ chest", "lay on his chest", 4)]
    public void A_phrase_is_walked_word_by_word_and_small_words_within_it_change_nothing(string phrase, string telling, int? words) =>
        Assert.Equal(words, Heard(phrase, telling)?.Count);

    // A text of nothing else would be one phrase, as deep as it is long.
    [Fact]
    public void A_long_run_of_small_words_is_read_to_its_end() =>
        Assert.Empty(
            Trade.Read("He got " + string.Concat(Enumerable.Repeat("right ", 30_000))).Exchanges.SelectMany(e => e.Exchange.Notches)
        );

    // A name that goes on after the phrase is not cut in two.
    [Theory]
    [InlineData("I got to his side control.", "side-control")]
    [InlineData("He came round to my side control.", "side-control")]
    public void What_bodies_do_ends_in_the_midst_of_no_name(string telling, string place) =>
        Assert.Contains(Rooms.Clauses(telling).Clauses.SelectMany(c => c.Items), i => i.Name?.Position?.Id == place);

    // What is hers she does nothing to; what is mine was done to me.
    [Theory]
    [InlineData("She straightened her arm.", "")]
    [InlineData("She straightened my arm and I tapped.", "partner armbar tap")]
    [InlineData("I straightened her arm and she tapped.", "me armbar tap")]
    [InlineData("I pulled him down on top of me and closed my legs around him.", "me guard-pull landed, me close-the-guard landed")]
    [InlineData("He trapped one of my legs.", "partner recover-half-guard landed")]
    public void What_bodies_do_is_done_by_who_acts(string telling, string told) =>
        Assert.Equal(
            told,
            string.Join(", ", Trade.Read(telling).Exchanges.SelectMany(e => e.Exchange.Notches).Select(n => Said(n).First()))
        );

    private static IEnumerable<string> Said(Notch notch)
    {
        var outcome = Term.Of(notch.Outcome);
        yield return $"{Term.Of(notch.By)} {notch.Move?.Value ?? "-"} {outcome}";
        if (notch.To is { } to)
            yield return $"{Term.Of(notch.By)} {to.Value} {outcome}";
    }
}
