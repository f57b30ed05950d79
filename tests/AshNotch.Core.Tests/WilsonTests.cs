using AshNotch.Core.Costs;

namespace AshNotch.Core.Tests;

public class WilsonTests
{
    private const double NinetyFiveInAHundred = 1.959963984540054;

    /// <summary>Newcombe, Statistics in Medicine 17 (1998), table I, method 3: 95 % ranges to four digits.</summary>
    [Theory]
    [InlineData(81, 263, 0.2553, 0.3662)]
    [InlineData(15, 148, 0.0624, 0.1605)]
    [InlineData(0, 20, 0, 0.1611)]
    [InlineData(1, 29, 0.0061, 0.1718)]
    public void Ranges_are_those_that_were_published(int count, int of, double low, double high)
    {
        var (from, to) = Wilson.Of(count, of, NinetyFiveInAHundred);
        Assert.Equal(low, from, 4);
        Assert.Equal(high, to, 4);
    }

    [Fact]
    public void Nothing_counted_says_nothing_and_more_says_more()
    {
        Assert.Equal((0, 1), Wilson.Of(0, 0));
        Assert.Equal(1, Wilson.Of(7, 7).High);
        var (few, many) = (Wilson.Of(3, 10), Wilson.Of(300, 1000));
        Assert.True(few.Low < many.Low && many.Low < 0.3 && 0.3 < many.High && many.High < few.High);
    }
}
