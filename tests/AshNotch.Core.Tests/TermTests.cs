using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class TermTests
{
    [Fact]
    public void A_term_is_written_with_hyphens_and_said_with_blanks()
    {
        Assert.Equal("no-gi", Term.Of(Attire.NoGi));
        Assert.Equal("no-gi", Term.Say(Attire.NoGi));
        Assert.Equal("open mat", Term.Say(SessionKind.OpenMat));
    }

    [Theory]
    [InlineData("open-mat")]
    [InlineData("Open_Mat")]
    [InlineData(" open mat ")]
    public void Capitals_and_underscores_are_forgiven(string written)
    {
        Assert.True(Term.TryRead<SessionKind>(written, out var kind));
        Assert.Equal(SessionKind.OpenMat, kind);
    }

    [Fact]
    public void No_term_is_refused() => Assert.False(Term.TryRead<SessionKind>("1", out _));

    [Fact]
    public void Moves_are_found_by_letters_those_that_begin_with_them_first()
    {
        var found = MoveSearch.Find(MatVocabulary.BuiltIn, "knee", 8);
        Assert.Equal(8, found.Count);
        Assert.StartsWith("knee", found[0].Name, StringComparison.OrdinalIgnoreCase);
        Assert.All(found, m => Assert.Contains(m.Names, n => n.Contains("knee", StringComparison.OrdinalIgnoreCase)));
        Assert.Empty(MoveSearch.Find(MatVocabulary.BuiltIn, "  ", 8));
    }
}
