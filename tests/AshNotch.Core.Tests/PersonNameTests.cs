using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Tests;

/// <summary>Names that look alike are one. The examples of composing are of Unicode Standard Annex 15, figures 3 to 5.</summary>
public class PersonNameTests
{
    [Theory]
    [InlineData("e\u0301lan", "\u00E9lan")]
    [InlineData("\u212B", "\u00C5")]
    [InlineData("s\u0323\u0307", "\u1E69")]
    [InlineData("O\u200Ba\uFEFFk", "Oak")]
    [InlineData("\u200B", "")]
    [InlineData("\u3164", "")]
    [InlineData("  Oak \u00A0 Tree ", "Oak Tree")]
    [InlineData("ab\u202Ecd", "abcd")]
    [InlineData("\u756A\u725B", "\u756A\u725B")]
    [InlineData("Oak", "Oak")]
    public void A_name_is_kept_as_it_is_seen(string written, string kept) => Assert.Equal(kept, PersonName.Clean(written));

    [Theory]
    [InlineData("Z\u00C9", "ze\u0301", true)]
    [InlineData("oak", "OAK\u200D", true)]
    [InlineData("Oak", "Oaks", false)]
    public void Two_that_look_alike_are_one(string one, string other, bool same) => Assert.Equal(same, PersonName.IsSame(one, other));

    [Fact]
    public void A_name_that_is_taken_gets_a_number() => Assert.Equal("Oak (3)", PersonName.Free("Oak", ["oak", "Oak (2)"]));

    [Theory]
    [InlineData("he", true)]
    [InlineData("I", true)]
    [InlineData("And", true)]
    [InlineData("he's", true)]
    [InlineData("the one", true)]
    [InlineData("the gift", false)]
    [InlineData("k guard", false)]
    [InlineData("no-gi special", false)]
    public void Words_of_grammar_are_no_names(string name, bool grammar) => Assert.Equal(grammar, GrammarWords.Are(name));
}
