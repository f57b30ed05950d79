using AshNotch.Core.Partners;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Partners;

public class TryWithTests
{
    [Fact]
    public void A_sweep_told_without_its_place_is_counted_where_it_most_plausibly_began()
    {
        var log = Trade.LogOf([
            new()
            {
                By = Who.Partner,
                Move = new("scissor-sweep"),
                Outcome = Outcome.Landed,
            },
        ]);
        var (way, tries) = Assert.Single(TryWith.ByWay(Happening.ByExchange(log, MatVocabulary.BuiltIn), MatVocabulary.BuiltIn));
        // Where the ranking puts it, too.
        Assert.Equal(new PlaceId("open-guard/top"), way.From);
        Assert.True(Assert.Single(tries).CameOff);
    }
}
