using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Tests;

public class NumberTests
{
    [Theory]
    [InlineData("95", 95, "")]
    [InlineData("95kg", 95, "kg")]
    [InlineData("84.5 kilos", 84.5, "")]
    [InlineData("two hundred and ten pounds", 210, "")]
    [InlineData("ninety five", 95, "")]
    [InlineData("six two", 6, "")]
    public void A_number_is_read_as_written_or_said(string text, double value, string unit)
    {
        var number = Numbers.At(Word.Split(text), 0);
        Assert.Equal((value, unit), (number?.Value, number?.Unit));
    }

    [Theory]
    [InlineData("twice", 2)]
    [InlineData("3x", 3)]
    [InlineData("x2", 2)]
    [InlineData("four times", 4)]
    [InlineData("three times", 3)]
    [InlineData("many times", null)]
    [InlineData("one time", null)]
    [InlineData("half a dozen", null)]
    public void How_often_is_told_by_its_last_word(string text, int? times)
    {
        var words = Word.Split(text);
        Assert.Equal(times, Numbers.Times(words, words.Count - 1));
    }

    [Fact]
    public void What_is_no_number_is_none() => Assert.Null(Numbers.At(Word.Split("guard"), 0));
}
