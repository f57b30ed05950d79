using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class WordTests
{
    [Theory]
    [InlineData("passed", "pass")]
    [InlineData("passing", "pass")]
    [InlineData("swept", "sweep")]
    [InlineData("choking", "choke")]
    [InlineData("armbarred", "armbar")]
    [InlineData("hooks", "hook")]
    [InlineData("escapes", "escaped")]
    [InlineData("took", "takes")]
    [InlineData("cutting", "cut")]
    [InlineData("rolled", "roll")]
    public void Forms_of_a_word_share_a_stem(string one, string other) => Assert.Equal(Word.StemOf(other), Word.StemOf(one));

    [Theory]
    [InlineData("pass", "passive")]
    [InlineData("mount", "mountain")]
    [InlineData("guard", "guardian")]
    public void Other_words_do_not(string one, string other) => Assert.NotEqual(Word.StemOf(other), Word.StemOf(one));

    [Fact]
    public void Words_know_where_they_stand_through_accents_and_apostrophes()
    {
        const string Text = "D’Arce, d'arce: já!";
        var words = Word.Split(Text);
        Assert.Equal(["darce", "darce", "ja"], words.Select(w => w.Text));
        Assert.All(words, w => Assert.InRange(w.End, w.Start + 1, Text.Length));
        Assert.True(words[1].AfterPause && !words[1].AfterStop);
    }

    [Fact]
    public void Fixed_words_are_written_and_read_back()
    {
        foreach (var kind in Enum.GetValues<SessionKind>())
        {
            Assert.True(Term.TryRead<SessionKind>(Term.Of(kind), out var read));
            Assert.Equal(kind, read);
        }
        Assert.Equal("open-mat", Term.Of(SessionKind.OpenMat));
        Assert.Equal("master-1", Term.Of(AgeDivision.Master1));
        Assert.True(Term.TryRead<Attire>(" NO_GI ", out var attire) && attire == Attire.NoGi);
        Assert.False(Term.TryRead<Attire>("pyjamas", out _));
        Assert.False(Term.TryRead<Attire>(null, out _));
    }

    [Theory]
    [InlineData("my-place/top", "my-place/bottom")]
    [InlineData("my-place/defending", "my-place/attacking")]
    [InlineData("my-place", "my-place")]
    [InlineData("my-place/upside-down", "my-place/upside-down")]
    public void Own_places_have_a_mirror_where_their_role_says_one(string place, string mirror) =>
        Assert.Equal(mirror, new PlaceId(place).Mirror.Value);
}
