using AshNotch.Core.Chain;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>What is tapped is written as lines, and every line must read back as what was tapped.</summary>
public class PlainTests
{
    private static readonly MatVocabulary Vocabulary = MatVocabulary.BuiltIn;

    [Theory]
    [InlineData(Outcome.Landed)]
    [InlineData(Outcome.Stopped)]
    [InlineData(Outcome.Near)]
    [InlineData(Outcome.Threatened)]
    [InlineData(Outcome.Abandoned)]
    [InlineData(Outcome.Tap)]
    public void Every_move_from_every_place_of_its_own_reads_back_as_tapped(Outcome outcome)
    {
        var wrong = new List<string>();
        foreach (var move in Vocabulary.Moves.Where(m => m.From.Count > 0 && (outcome != Outcome.Tap || m.IsSubmission)))
        {
            foreach (var by in (Who[])[Who.Me, Who.Partner])
            {
                var place = move.From[0].SeenBy(by);
                var text = $"{Plain.Starts(place)}\n{Plain.Line(by, move, outcome)}";
                var expected = outcome == Outcome.Landed && move.IsSubmission ? Outcome.Tap : outcome;
                var read = Trade.Read(text).Exchanges.SelectMany(e => e.Exchange.Notches).ToList();
                // Grips and replies are how, not events: they leave no notch.
                if (read.Count == 0 && (move.Kind == MoveKind.Control || move.Word == MoveWord.Manner))
                    continue;
                if (
                    read.Count != 1
                    || read[0].By != by
                    || read[0].Move != move.Id
                    || read[0].Outcome != expected
                    || read[0].From != place.Id
                    || read[0].Unsure
                )
                {
                    wrong.Add($"{text.Replace('\n', ' ')} => {Trade.Told(text)}");
                }
            }
        }
        Assert.True(wrong.Count == 0, string.Join('\n', wrong));
    }

    [Fact]
    public void Every_place_to_start_in_reads_back()
    {
        var wrong = Vocabulary
            .Places.Where(p => Trade.Read(Plain.Starts(p)).Exchanges is not [{ Exchange: var e }] || e.Start != p.Id)
            .Select(p => p.Id);
        Assert.Empty(wrong);
    }

    [Fact]
    public void The_likeliest_next_come_from_the_record_first_and_then_from_the_book()
    {
        var next = LikelyNext.Of(DemoTests.Log, Vocabulary, new PlaceId("half-guard/bottom"), 4);
        Assert.Equal("knee-cut-pass", next.First(n => n.By == Who.Partner).Move.Value);
        Assert.Equal((4, 4), (next.Count(n => n.By == Who.Me), next.Count(n => n.By == Who.Partner)));
        var fresh = LikelyNext.Of(new Log(), Vocabulary, new PlaceId("mount/bottom"), 4);
        Assert.All(fresh, n => Assert.Equal(0, n.Seen));
        Assert.Contains(fresh, n => n is { By: Who.Me, Move.Value: "elbow-escape" });
    }

    [Theory]
    [InlineData("", null)]
    [InlineData("Started in my half guard.", "half-guard/bottom")]
    [InlineData("Started in my half guard.\nThey got the knee cut pass.", "side-control/bottom")]
    [InlineData("Started in my half guard.\nThey tried the knee cut pass.", "half-guard/bottom")]
    [InlineData("Started in my half guard.\nThey got the knee cut pass.\nThey finished the americana.", null)]
    [InlineData("Started in my half guard.\nReset.", null)]
    public void Where_the_roll_stands_follows_what_was_told(string text, string? place) =>
        Assert.Equal(place, Whereabouts.Now([.. Trade.Read(text).Exchanges.Select(e => e.Exchange)], Vocabulary)?.Value);
}
