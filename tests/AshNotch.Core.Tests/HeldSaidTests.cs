using AshNotch.Core.Reading.Around;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Tests;

/// <summary>Whether a place was held is heard where it is said, and belongs to the place it is said of.</summary>
public class HeldSaidTests
{
    private static List<Notch> Notches(string text) => [.. Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches)];

    public static TheoryData<string, bool, string> Wordings()
    {
        var rows = new TheoryData<string, bool, string>();
        foreach (var (words, held, _, example) in HeldSaid.Wordings)
            rows.Add(string.Join(' ', words), held, example);
        return rows;
    }

    [Theory]
    [MemberData(nameof(Wordings))]
    public void What_is_said_of_a_place_is_heard(string wording, bool held, string example)
    {
        Assert.Equal(held, Assert.Single(Notches(example), n => n.Held is not null).Held);
        Assert.True(wording.Length > 0);
    }

    [Theory]
    [InlineData("I passed, held it for 2 seconds.", 2.0)]
    [InlineData("I took mount for five seconds.", 5.0)]
    [InlineData("He passed my guard for three secs.", 3.0)]
    public void Seconds_are_counted(string text, double seconds) => Assert.Equal(seconds, Notches(text)[0].HeldSeconds);

    [Theory]
    [InlineData("I went for the armbar for a second. He stacked me.")]
    [InlineData("I waited for a second. He passed.")]
    [InlineData(
        "I passed and took mount. We chatted about the weekend and the food at the party and the mats that somebody cleans, "
            + "or does not, for a second."
    )]
    [InlineData("I passed. He got one hook in.")]
    public void Of_another_thing_it_says_nothing(string text) => Assert.DoesNotContain(Notches(text), n => n.Held is not null);

    [Fact]
    public void It_belongs_to_the_place_that_was_lost_and_not_to_how()
    {
        var notches = Notches("I swept him, but he swept me back before three seconds.");
        Assert.Equal(false, notches[0].Held);
        Assert.All(notches.Skip(1), n => Assert.Null(n.Held));
    }
}
