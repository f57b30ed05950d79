using AshNotch.Bench.Hands;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>The score of a hand sees what is right and what is wrong; one that cannot fall is none.</summary>
public class HandScoreTests
{
    private static HandScore Score(string text, TellingEvent told, int tapsOfMine = 0, params string[] only)
    {
        var score = new HandScore();
        score.Add(
            new Telling("t", text, new TellingTaps(tapsOfMine, 0), [new TellingExchange([told])], [.. only]),
            Phrasebook.Of(MatVocabulary.BuiltIn)
        );
        return score;
    }

    private static TellingEvent Told(string by, string move, Outcome outcome, string anchor) =>
        new(by, [move], null, outcome, anchor, null, null, null, false);

    [Fact]
    public void What_is_read_as_told_counts_in_every_field()
    {
        var score = Score("He armbarred me.", Told("partner", "armbar", Outcome.Tap, "armbarred"), tapsOfMine: 1);
        Assert.Equal((1, 1, 1, 1, 1), (score.Events, score.Found, score.WhoRight, score.AllRight, score.TapsExact));
    }

    [Theory]
    [InlineData("me", "armbar", Outcome.Tap, 1, 0)]
    [InlineData("partner", "armbar", Outcome.Stopped, 1, 1)]
    [InlineData("partner", "kimura", Outcome.Tap, 1, 1)]
    public void What_is_read_otherwise_is_not_right(string by, string move, Outcome outcome, int found, int who)
    {
        var score = Score("He armbarred me.", Told(by, move, outcome, "armbarred"));
        Assert.Equal((found, who, 0, 0), (score.Found, score.WhoRight, score.AllRight, score.TapsExact));
    }

    [Fact]
    public void What_was_only_said_and_counted_is_seen()
    {
        var score = Score("He armbarred me. I passed.", Told("partner", "armbar", Outcome.Tap, "armbarred"), 1, "I passed");
        Assert.Equal((1, 1), (score.OnlySaid, score.Counted));
    }
}
