using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class OtherReadingTests
{
    private static IReadOnlyList<Notch> Others(string text) => Trade.Read(text).Exchanges[^1].Others[^1];

    [Fact]
    public void A_tap_that_nobody_was_named_for_may_have_been_the_others()
    {
        var others = Others("He passed to side control. Then the armbar. Tap.");
        Assert.InRange(others.Count, 1, 5);
        Assert.Contains(others, o => o is { By: Who.Me, Outcome: Outcome.Tap } && o.Move == new MoveId("armbar"));
    }

    [Fact]
    public void What_landed_may_have_been_stopped_and_is_never_offered_as_it_is()
    {
        var taken = Trade.Read("I hit the scissor sweep.").Exchanges[^1].Exchange.Notches[^1];
        var others = Others("I hit the scissor sweep.");
        Assert.Contains(others, o => o is { By: Who.Me, Outcome: Outcome.Stopped, To: null });
        Assert.DoesNotContain(others, o => (o.By, o.Move, o.To, o.Outcome) == (taken.By, taken.Move, taken.To, taken.Outcome));
    }

    [Fact]
    public void A_question_says_what_hangs_on_it() =>
        Assert.Equal("A tap for you or against you.", Trade.Read("Then the armbar. Tap.").Questions[0].Hangs);
}
