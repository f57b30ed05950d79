using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Tests;

public class SpellingTests
{
    /// <summary>Worked examples: Levenshtein's "kitten" to "sitting" is 3; a swap of neighbours is one slip in Damerau 1964.</summary>
    [Theory]
    [InlineData("kitten", "sitting", 3)]
    [InlineData("saturday", "sunday", 3)]
    [InlineData("gaurd", "guard", 1)]
    [InlineData("triangel", "triangle", 1)]
    [InlineData("mount", "mount", 0)]
    [InlineData("", "abc", 3)]
    public void The_distance_counts_slips_of_the_finger(string a, string b, int slips)
    {
        Assert.Equal(slips, Spelling.Distance(a, b, 8));
        Assert.Equal(slips, Spelling.Distance(b, a, 8));
    }

    [Fact]
    public void A_distance_over_the_most_asked_for_is_only_said_to_be_over() => Assert.True(Spelling.Distance("kimura", "toreando", 2) > 2);

    [Theory]
    [InlineData("delariva", "dellareva")]
    [InlineData("kimura", "chimera")]
    [InlineData("berimbolo", "barambola")]
    [InlineData("toreando", "toriando")]
    [InlineData("mount", "guard", false)]
    public void What_sounds_alike_has_one_sound(string a, string b, bool alike = true) =>
        Assert.Equal(alike, Spelling.Sound(a) == Spelling.Sound(b));

    [Fact]
    public void Everyday_words_are_plain_lower_case_and_hold_no_name_of_a_place()
    {
        Assert.All(Spelling.Everyday, w => Assert.Matches("^[a-z]+$", w));
        Assert.DoesNotContain("berimbolo", Spelling.Everyday);
        foreach (var word in (string[])["he", "the", "because", "minutes", "tired"])
            Assert.Contains(word, Spelling.Everyday);
    }
}
