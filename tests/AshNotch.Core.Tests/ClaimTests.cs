using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>The room of claims by itself: what one clause says, and what it leaves open, before any course is looked for.</summary>
public class ClaimTests
{
    private static Claim Last(string text) => Rooms.Claims(text)[^1];

    private static Outcome Likeliest(Claim claim) => Assert.IsAssignableFrom<NamedClaim>(claim).Outcomes.MinBy(o => o.Cost).Is;

    [Fact]
    public void What_the_words_say_costs_nothing_and_has_no_other_side()
    {
        var claim = Last("He tapped me with an armbar.");
        Assert.Equal(Who.Partner, Assert.Single(claim.Whos).Is);
        Assert.True(claim.IsWhoSaid);
        Assert.Equal(new May<Outcome>(Outcome.Tap, 0), Assert.Single(Assert.IsType<MoveClaim>(claim).Outcomes));
    }

    [Fact]
    public void A_bare_name_leaves_open_whose_it_was_and_what_came_of_it()
    {
        var claim = Last("Armbar.");
        Assert.Equal([Who.Me, Who.Partner], claim.Whos.Select(w => w.Is).Order());
        Assert.False(claim.IsWhoSaid);
        Assert.Equal([Outcome.Stopped, Outcome.Tap], Assert.IsType<MoveClaim>(claim).Outcomes.Select(o => o.Is).Order());
    }

    [Theory]
    [InlineData("I tried the armbar.", Outcome.Stopped)]
    [InlineData("I almost had the armbar.", Outcome.Near)]
    [InlineData("I threatened the armbar.", Outcome.Threatened)]
    [InlineData("I gave up on the armbar.", Outcome.Abandoned)]
    [InlineData("I finished the armbar.", Outcome.Tap)]
    [InlineData("He blocked my armbar.", Outcome.Stopped)]
    [InlineData("I hit the scissor sweep.", Outcome.Landed)]
    public void The_verb_says_what_came_of_it(string text, Outcome expected) => Assert.Equal(expected, Likeliest(Last(text)));

    [Theory]
    [InlineData("I got mount.", Coming.Reaches)]
    [InlineData("I had mount.", Coming.Is)]
    [InlineData("I was in mount.", Coming.Is)]
    [InlineData("I tried to get mount.", Coming.Tries)]
    [InlineData("I lost mount.", Coming.Leaves)]
    [InlineData("I passed, and then he was on my back.", Coming.Reaches)]
    public void A_place_is_where_they_are_come_to_want_or_leave(string text, object expected) =>
        Assert.Equal((Coming)expected, Assert.IsType<PlaceClaim>(Last(text)).Coming);

    [Theory]
    [InlineData("Nothing of his worked. Two knee cuts were shut down.", Who.Partner)]
    [InlineData("He passed. Mine went better: old school from the right.", Who.Me)]
    [InlineData("Guard passed. Mounted.", Who.Partner)]
    [InlineData("I got swept. Passed. Mounted.", Who.Partner)]
    [InlineData("I shot again; the third one, which I blame on myself, dumped me flat.", Who.Partner)]
    [InlineData("He froze, pulled me into guard.", Who.Partner)]
    [InlineData("I got to my knees, hit a high crotch.", Who.Me)]
    [InlineData("I trapped the arm and bridge.", Who.Me)]
    [InlineData("He turns in to me.", Who.Partner)]
    [InlineData("I had the back. Lost the back.", Who.Partner)]
    [InlineData("She bridges and I clock choke her tap.", Who.Me)]
    [InlineData("1 sweep for me.", Who.Me)]
    [InlineData("She cross faces, hits a knee cut.", Who.Partner)]
    [InlineData("I was nearly swept.", Who.Partner)]
    [InlineData("And I'm mounted.", Who.Partner)]
    [InlineData("I'm mounted on him.", Who.Me)]
    [InlineData("Coach Hana passed my half guard.", Who.Partner)]
    [InlineData("Takedown for me.", Who.Me)]
    [InlineData("Tapped to a bow and arrow.", Who.Partner)]
    [InlineData("He underhooks and comes up to his knees.", Who.Partner)]
    [InlineData("A harai goshi took my feet away.", Who.Partner)]
    [InlineData("A harai goshi took her feet away.", Who.Me)]
    [InlineData("The scissor sweep, which he has drilled all winter, was blocked.", Who.Partner)]
    public void Who_did_it_is_heard_in_what_was_done_to_whom(string text, Who expected) =>
        Assert.Equal(expected, Rooms.Claims(text).OfType<MoveClaim>().Last().Whos.MinBy(w => w.Cost).Is);

    [Theory]
    [InlineData("I got caught in his lasso.", Who.Partner)]
    [InlineData("He let me have mount.", Who.Me)]
    [InlineData("I gave up my back.", Who.Partner)]
    public void A_place_is_had_by_whom_the_verb_gives_it(string text, Who expected) => Assert.Equal(expected, Last(text).Whos[0].Is);

    [Theory]
    [InlineData("I wish I had tried the armbar.")]
    [InlineData("He always goes for the armbar.")]
    [InlineData("Coach said to hit the armbar.")]
    [InlineData("We drilled the armbar.")]
    [InlineData("Last week he got me with an armbar.")]
    [InlineData("Lost 2-0 by a takedown.")]
    public void What_is_only_spoken_of_claims_nothing(string text) => Assert.Empty(Rooms.Claims(text));

    [Theory]
    [InlineData("He defended it.", Outcome.Stopped, Who.Me)]
    [InlineData("I blocked it.", Outcome.Stopped, Who.Partner)]
    [InlineData("I let it go.", Outcome.Abandoned, Who.Me)]
    [InlineData("He made me tap.", Outcome.Tap, Who.Partner)]
    public void A_reply_names_whose_attempt_it_answers(string text, Outcome outcome, Who whose)
    {
        var reply = Assert.IsType<ReplyClaim>(Assert.Single(Rooms.Claims(text)));
        Assert.Equal((outcome, whose), (reply.Reply, reply.Whos[0].Is));
    }

    [Theory]
    [InlineData("He tapped me twice.", 2)]
    [InlineData("He tapped me 3x.", 3)]
    [InlineData("He tapped me four times.", 4)]
    public void A_number_of_taps_is_a_sum_to_be_told(string text, int times)
    {
        var sum = Assert.Single(Rooms.Claims(text).OfType<SumClaim>());
        Assert.Equal((times, Who.Partner), (sum.Times, sum.Whos[0].Is));
    }

    [Fact]
    public void Every_cost_that_was_learned_was_set_by_hand_first()
    {
        Assert.Equal(Weights.Hand.Keys.Order(), Weights.All.Keys.Order());
        Assert.All(Weights.All.Values, cost => Assert.InRange(cost, -3, 5));
    }
}
