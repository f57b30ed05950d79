using AshNotch.Core.Reading.Around;

namespace AshNotch.Core.Tests;

public class ToldDayTests
{
    /// <summary>A Monday.</summary>
    private static readonly DateOnly Today = new(2026, 11, 30);

    [Theory]
    [InlineData("Thursday no gi, small crowd.", "2026-11-26")]
    [InlineData("Thu: six rounds", "2026-11-26")]
    [InlineData("sat adv, gi", "2026-11-28")]
    [InlineData("Monday's class. I swept him.", "2026-11-30")]
    [InlineData("So yesterday I forgot to write, here it is", "2026-11-29")]
    [InlineData("Last night I rolled with Oak.", "2026-11-29")]
    [InlineData("Good one on Sunday. I swept him.", "2026-11-29")]
    public void The_opening_words_say_the_day(string text, string day) =>
        Assert.Equal(DateOnly.ParseExact(day, "yyyy-MM-dd", null), ToldDay.In(text, Today));

    [Theory]
    [InlineData("I swept him.")]
    [InlineData("I sat to guard and he passed.")]
    [InlineData("Have not trained since Thursday. He passed.")]
    [InlineData("Rolled with Oak. He tapped me on Thursday with the same choke.")]
    [InlineData("Next Thursday I want to try this.")]
    public void A_day_that_is_only_spoken_of_is_not_said(string text) => Assert.Null(ToldDay.In(text, Today));
}
