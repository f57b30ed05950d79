using AshNotch.Core.Reading.Taps;
using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Tests;

/// <summary>Rows found by the word they begin with.</summary>
public class FirstWordsTests
{
    private static readonly FirstWords<string> Rows = new(
        ["lost to", "# taps", "tapped out", "lost by"],
        row => row[0] == '#' ? null : [row.Split(' ')[0]]
    );

    [Theory]
    [InlineData("lost", "lost to, # taps, lost by")]
    [InlineData("tapped", "# taps, tapped out")]
    [InlineData("nobody", "# taps")]
    public void A_word_has_its_rows_and_those_that_begin_with_any_in_their_order(string word, string rows) =>
        Assert.Equal(rows, string.Join(", ", Rows.At(word)));

    // The rows that are looked at are those that could stand there: none is lost by looking at fewer.
    [Fact]
    public void No_row_of_taps_is_lost_to_its_first_word()
    {
        foreach (var row in TapPhrases.All)
        {
            var words = Word.Split(row.Example);
            Assert.Contains(
                row,
                Enumerable.Range(0, words.Count).SelectMany(i => TapPhrases.From(words[i].Text, words[i].Text is "otter"))
            );
        }
    }
}
