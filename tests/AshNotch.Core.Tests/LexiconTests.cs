using AshNotch.Core.Reading.Clauses;
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
            rows.Add(row.Forms[0], row.Example, row.Expect);
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
                    .Select(r => $"{r.Act}: {r.Forms[0]}: {r.Example}")
            )
        );

    // A form stands in one row of a kind, or the rows would disagree about it.
    [Fact]
    public void No_form_stands_twice_in_one_section() =>
        Assert.Empty(
            Lexicon
                .BuiltIn.Rows.SelectMany(r => r.Forms.Select(f => (r.Act, r.Move, Form: f)))
                .GroupBy(f => f)
                .Where(g => g.Count() > 1)
                .Select(g => $"{g.Key.Act}: {g.Key.Form}")
        );

    // A pattern stands for many forms, of which its example is one.
    [Fact]
    public void Every_form_of_what_bodies_do_is_heard() =>
        Assert.Equal(
            "",
            string.Join(
                '\n',
                from row in Lexicon.BuiltIn.Rows
                where row.IsBodily
                from form in row.Forms
                where !Rooms.Clauses($"Oak {form}.").Clauses.SelectMany(c => c.Items).Any(i => i.Name?.Move?.Id.Value == row.Move)
                select $"{row.Move}: {form}"
            )
        );

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
