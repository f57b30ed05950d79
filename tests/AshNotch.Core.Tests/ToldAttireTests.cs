using AshNotch.Core.Reading.Around;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class ToldAttireTests
{
    [Theory]
    [InlineData("Evening class, no gi. First round with Oak.", Attire.NoGi)]
    [InlineData("No-gi tonight, four rounds.", Attire.NoGi)]
    [InlineData("nogi, 6 x 5", Attire.NoGi)]
    [InlineData("Thursday fundamentals, gi. He passed.", Attire.Gi)]
    [InlineData("Trained in the gi today.", Attire.Gi)]
    [InlineData("gi class. I swept him", Attire.Gi)]
    public void What_the_opening_says_is_heard(string text, Attire attire) => Assert.Equal(attire, ToldAttire.In(text));

    [Theory]
    [InlineData("He grabbed my gi and passed.")]
    [InlineData("I swept him.")]
    [InlineData("Yesterday was no gi. Today he passed.")]
    [InlineData("I pulled guard and he passed, I got it back and swept him, he is better in no gi.")]
    public void What_is_only_spoken_of_is_not(string text) => Assert.Null(ToldAttire.In(text));
}
