namespace AshNotch.Core.Tests;

/// <summary>The room of grammar by itself: who acts in which clause, and how verbs and names stand there.</summary>
public class ClauseTests
{
    private static string Told(string text)
    {
        var (words, clauses) = Rooms.Clauses(text);
        return string.Join(" / ", clauses.Where(c => c.IsFull).Select(c => Rooms.Said(c, words)));
    }

    [Theory]
    [InlineData("I passed. He swept me.", "me guard-pass / partner sweep")]
    [InlineData("i passed he swept me", "me guard-pass / partner sweep")]
    [InlineData("Oak passed and I recovered guard.", "partner guard-pass / me guard-recovery")]
    [InlineData("I passed, took mount and hit the armbar.", "me guard-pass / - took mount / - hit armbar")]
    [InlineData("When he stood I hit the sweep.", "partner stand-up-escape / me hit sweep")]
    [InlineData("He passed when I lay flat, took mount.", "partner guard-pass / - took mount")]
    [InlineData("He, after some grip fighting, hit the armbar.", "partner hit hand-fight armbar")]
    [InlineData("he didnt let me sweep 😭 armbar", "partner not-let sweep / - armbar")]
    [InlineData("triangle from me he said it was deep", "- triangle-choke(me) / - he / - was")]
    public void A_clause_ends_where_somebody_new_acts(string text, string expected) => Assert.Equal(expected, Told(text));

    [Theory]
    [InlineData("I did not sweep him.", "me not-sweep")]
    [InlineData("I could not get the armbar.", "me cannot-get armbar")]
    [InlineData("I was swept.", "me be-sweep")]
    [InlineData("I got thrown.", "me be-takedown")]
    [InlineData("My triangle was blocked.", "- was triangle-choke(me)")]
    public void Voice_and_denial_belong_to_the_verb_they_stand_by(string text, string expected) => Assert.Equal(expected, Told(text));

    [Theory]
    [InlineData("I stopped his knee cut.", "me stopped knee-cut-pass(partner)")]
    [InlineData("Armbar from her.", "- armbar(partner)")]
    [InlineData("Armbar by me.", "- armbar(me)")]
    [InlineData("I stuffed Oak's knee cut.", "me stuffed knee-cut-pass(partner)")]
    [InlineData("His first double leg was stuffed.", "- was double-leg(partner)")]
    [InlineData("His second, a double leg, I sprawled on.", "- double-leg(partner) / me sprawled")]
    public void A_name_is_whose_the_words_say(string text, string expected) => Assert.Equal(expected, Told(text));

    [Theory]
    [InlineData("me: armbar > triangle", "me armbar / - triangle-choke")]
    [InlineData("Oak (blue, 60): armbar, triangle", "- armbar / - triangle-choke")]
    [InlineData("R3 Oak: got swept", "- got be-sweep")]
    public void A_heading_acts_only_where_lines_go_by_turns(string text, string expected) => Assert.Equal(expected, Told(text));

    [Fact]
    public void A_text_without_any_stop_falls_into_clauses_of_bounded_length()
    {
        var (_, clauses) = Rooms.Clauses(string.Concat(Enumerable.Repeat("guard my his the ", 2_000)));
        Assert.InRange(clauses.Max(c => c.Items.Count), 1, 60);
    }

    [Fact]
    public void No_word_stands_in_two_clauses_and_none_is_left_out_of_a_plain_sentence()
    {
        var (words, clauses) = Rooms.Clauses("I pulled guard and he passed, so I turned to turtle before he took my back.");
        Assert.All(clauses.Zip(clauses.Skip(1)), pair => Assert.True(pair.First.After <= pair.Second.First));
        Assert.Equal(words.Count, clauses.Sum(c => c.After - c.First));
    }
}
