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

    private static IEnumerable<string> Said(Notch notch)
    {
        var outcome = Term.Of(notch.Outcome);
        yield return $"{Term.Of(notch.By)} {notch.Move?.Value ?? "-"} {outcome}";
        if (notch.To is { } to)
            yield return $"{Term.Of(notch.By)} {to.Value} {outcome}";
    }
}
