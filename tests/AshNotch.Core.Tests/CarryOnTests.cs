using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>Putting one notch right puts right what follows from it, and nothing that was told.</summary>
public class CarryOnTests
{
    private static string PutRight(string text, int at, Func<Notch, Notch?> right)
    {
        var was = Trade.Read(text).Exchanges[0].Exchange;
        var now = CarryOn.In(was, [.. was.Notches.Select((n, i) => i == at ? right(n) : n)], MatVocabulary.BuiltIn);
        return string.Join(
            " | ",
            now.Notches.Select(n =>
                $"{(n.By == Who.Me ? "me" : "they")} {n.Move?.Value ?? "-"} {n.From?.Value ?? "?"}>{n.To?.Value ?? "?"}"
            )
        );
    }

    [Fact]
    public void Nothing_changed_changes_nothing()
    {
        const string Text = "He knee cut to side control. I escaped to half guard. I hit the old school sweep. Armbar, tapped him.";
        foreach (var read in Trade.Read(Text).Exchanges)
            Assert.Equal(read.Exchange.Notches, CarryOn.In(read.Exchange, [.. read.Exchange.Notches], MatVocabulary.BuiltIn).Notches);
    }

    [Fact]
    public void A_place_in_which_nothing_came_of_it_stays()
    {
        var kept = new Exchange { Start = new("side-control/bottom") };
        Assert.Equal(kept, CarryOn.In(kept, [], MatVocabulary.BuiltIn));
    }

    [Fact]
    public void A_finish_that_was_mine_was_not_from_beneath_their_pin() =>
        Assert.EndsWith(
            "me americana side-control/top>?",
            PutRight("He passed to side control. Then the americana, he tapped me.", 1, n => n with { By = Who.Me }),
            StringComparison.Ordinal
        );

    [Fact]
    public void Another_landing_moves_where_the_next_one_starts()
    {
        var read = PutRight("I passed his guard. I went for the americana. He escaped.", 0, n => n with { To = new("mount/top") });
        Assert.Contains("me americana mount/top>", read, StringComparison.Ordinal);
    }

    [Fact]
    public void Another_move_leads_elsewhere_unless_it_was_told_where()
    {
        Assert.EndsWith(
            "me back-take front-headlock/top>back-control/top",
            PutRight("I got the front headlock. I went behind.", 1, n => n with { Move = new("back-take") }),
            StringComparison.Ordinal
        );
        Assert.EndsWith(
            "me smash-pass half-guard/top>mount/top",
            PutRight("I was in his half guard. I knee cut to mount.", 0, n => n with { Move = new("smash-pass") }),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void What_was_told_of_the_next_one_stands()
    {
        var read = PutRight("I passed to side control. From mount I got the americana.", 0, n => n with { To = new("north-south/top") });
        Assert.EndsWith("me americana mount/top>?", read, StringComparison.Ordinal);
    }

    [Fact]
    public void Taking_the_first_out_leaves_the_rest_where_it_was_told()
    {
        Assert.Equal(
            "they knee-cut-pass half-guard/bottom>side-control/bottom",
            PutRight("I pulled guard. From half guard he knee cut to side control.", 0, _ => null)
        );
    }

    [Fact]
    public void Another_move_is_offered_that_does_the_same_or_sounds_alike()
    {
        var behind = Trade.Read("I got the front headlock. I went behind.").Exchanges[0].Others[^1];
        Assert.Contains(behind, o => o.Move == new MoveId("back-take") && o.To == new PlaceId("back-control/top"));
        var choke = Trade.Read("From mount I finished the arm triangle.").Exchanges[0].Others[^1];
        Assert.Contains(choke, o => o.Move is { } move && move != new MoveId("arm-triangle") && o.By == Who.Me);
    }

    [Fact]
    public void A_notch_put_in_at_its_words_stands_in_order_and_starts_where_the_roll_stood()
    {
        const string Text = "He knee cut to side control. He wozzled my arm. I escaped to half guard.";
        var put = new AddedNotch(
            0,
            new Notch
            {
                By = Who.Partner,
                Move = new("americana"),
                Outcome = Outcome.Near,
            },
            "He wozzled my arm"
        );
        var told = Telling.Read(
            Text,
            Trade.With(null),
            [],
            TellingAside.Nothing with
            {
                Added = [put],
            },
            TestContext.Current.CancellationToken
        );
        var notches = told.Rolls[0].Read.Exchanges.SelectMany(e => e.Exchange.Notches).ToList();
        Assert.Equal(["knee-cut-pass", "americana"], notches.Take(2).Select(n => n.Move!.Value.Value));
        Assert.Equal(new PlaceId("side-control/bottom"), notches[1].From);
        Assert.Contains(told.AsRead[0].Read.Unread, u => u is { EventBy: Who.Partner, Text: "He wozzled my arm" });
    }

    [Theory]
    [InlineData("I felt tired and my knee was sore.")]
    [InlineData("He said I should relax.")]
    [InlineData("I did not wozzle him.")]
    public void Feelings_talk_and_what_did_not_happen_are_no_missed_events(string text) =>
        Assert.DoesNotContain(Trade.Read(text).Unread, u => u.LooksLikeEvent);
}
