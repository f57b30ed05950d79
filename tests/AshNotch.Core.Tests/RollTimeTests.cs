using AshNotch.Core.Rolls;

namespace AshNotch.Core.Tests;

public class RollTimeTests
{
    [Theory]
    [InlineData("0:00", 0)]
    [InlineData("2:05", 125)]
    [InlineData("12:59", 779)]
    public void Minutes_and_seconds_are_read_and_written_back(string text, int seconds)
    {
        Assert.True(RollTime.TryRead(text, out var time));
        Assert.Equal(seconds, time.Seconds);
        Assert.Equal(text, time.ToString());
    }

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("2:5")]
    [InlineData("2:60")]
    [InlineData("-1:00")]
    [InlineData("1:02:03")]
    [InlineData("9999:00")]
    [InlineData("two:05")]
    public void What_is_no_time_is_refused(string? text) => Assert.False(RollTime.TryRead(text, out _));

    [Fact]
    public void Times_stand_in_order()
    {
        Assert.True(new RollTime(61) > new RollTime(60) && new RollTime(60) >= new RollTime(60) && new RollTime(1) < new RollTime(2));
        Assert.Null(RollTime.Of(null));
    }
}
