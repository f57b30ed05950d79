using AshNotch.Core.Reading;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class WhereItBeganTests
{
    private const string Missed = "He twisted my collar. I kicked his hips away. ";

    [Fact]
    public void After_several_things_that_were_not_understood_one_question_asks_where_the_next_began()
    {
        var asked = Assert.Single(Trade.Read(Missed + "He armbarred me. I swept him. He passed.").Questions);
        Assert.Equal((Doubt.Place, "Where were you when the armbar came?"), (asked.About, asked.Ask));
        var places = asked.Answers.SkipLast(1).ToList();
        Assert.Equal(places.Count, places.Select(a => a.Notch?.From).Distinct().Count());
        Assert.All(places, a => Assert.Equal((Who.Partner, "armbar"), (a.Notch!.By, a.Notch.Move?.Value)));
        Assert.Contains(places, a => a.Notch!.From == new PlaceId("mount/bottom"));
        Assert.Equal("Don't know", asked.Answers[^1].Say);
    }

    [Theory]
    [InlineData("He twisted my collar. He armbarred me.")]
    [InlineData("He armbarred me. " + Missed)]
    [InlineData("He passed. He armbarred me.")]
    public void Where_little_was_missed_nothing_is_asked(string text) =>
        Assert.DoesNotContain(Trade.Read(text).Questions, q => q.About == Doubt.Place);

    [Theory]
    [InlineData("He squashed me in side control for five minutes. I escaped.", "side-control/bottom")]
    [InlineData("Just squashed me in side control. I escaped.", "side-control/bottom")]
    [InlineData("She kept me in mount forever. I escaped.", "mount/bottom")]
    [InlineData("I held him in side control. I armbarred him.", "side-control/top")]
    public void Whoever_is_held_down_is_underneath(string text, string from) =>
        Assert.Equal(from, Assert.Single(Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches)).From?.Value);
}
