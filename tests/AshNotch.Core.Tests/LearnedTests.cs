using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>What was put right once is read so from then on.</summary>
public class LearnedTests
{
    private static IReadOnlyList<OwnName> Learn(string text, string words, Func<Notch, Notch?> right)
    {
        var book = Phrasebook.Of(MatVocabulary.BuiltIn);
        var read = Telling.Read(text, book, [], TellingAside.Nothing);
        var notch = read.Rolls[0]
            .Read.Exchanges.SelectMany(e => e.Exchange.Notches)
            .First(n => text[n.Span!.Value.Start..n.Span.Value.End] == words);
        var aside = new TellingAside(null, [new Correction(words, 0, right(notch))], new Dictionary<string, string>());
        return Learned.Of(Telling.Read(text, book, [], aside), MatVocabulary.BuiltIn);
    }

    private static string? MoveIn(string text, IReadOnlyList<OwnName> own) =>
        Trade.Read(text, own: own).Exchanges.SelectMany(e => e.Exchange.Notches).FirstOrDefault()?.Move?.Value;

    [Fact]
    public void Another_move_for_the_same_words_is_learned()
    {
        var own = Learn("He hit the toe hold.", "toe hold", n => n with { Move = new MoveId("estima-lock") });
        Assert.Equal([new OwnName("toe hold", "estima-lock")], own);
        Assert.Equal("estima-lock", MoveIn("I got a toe hold.", own));
    }

    [Fact]
    public void Another_place_is_learned()
    {
        var own = Learn("I got to saddle.", "saddle", n => n with { To = new PlaceId("cross-ashi/attacking") });
        Assert.Equal([new OwnName("saddle", "cross-ashi")], own);
    }

    // It depends on the roll whose it was and how it came out.
    [Fact]
    public void Who_and_outcome_are_not_learned()
    {
        Assert.Empty(Learn("He hit the toe hold.", "toe hold", n => n with { By = Who.Me }));
        Assert.Empty(Learn("He hit the toe hold.", "toe hold", n => n with { Outcome = Outcome.Near }));
        Assert.Empty(Learn("He hit the toe hold.", "toe hold", _ => null));
    }

    [Fact]
    public void What_only_sounds_like_a_name_is_learned_to_be_none()
    {
        const string Text = "He hit a tanny otoshee.";
        Assert.Equal("tani-otoshi", MoveIn(Text, []));
        var own = Learn(Text, "tanny otoshee", _ => null);
        Assert.Equal([new OwnName("tanny otoshee", OwnName.Nothing)], own);
        Assert.Null(MoveIn(Text, own));
    }
}
