using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Around;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>What a telling says of the roll as a whole.</summary>
public class HeadTests
{
    public static TheoryData<string, string> Rows()
    {
        var rows = new TheoryData<string, string>();
        foreach (var row in Wording.All)
            rows.Add(row.Example, row.Expect);
        return rows;
    }

    private static List<string> Facts(string text) => [.. Trade.Read(text, "Oak").Facts.Select(f => $"{Term.Of(f.Of)} {f.Value}")];

    [Theory]
    [MemberData(nameof(Rows))]
    public void A_row_of_wordings_is_heard_in_its_example(string example, string expect) => Assert.Contains(expect, Facts(example));

    [Theory]
    [InlineData("A big brown belt, maybe 95 kilos.", "partner-belt brown, partner-weight 95")]
    [InlineData("H brown 77kg. He pulled guard.", "partner-belt brown, partner-weight 77")]
    [InlineData("K (purple, 80). He pulled guard.", "partner-belt purple, partner-weight 80")]
    [InlineData("w/ a white belt 240 lb, played nice", "partner-belt white, partner-weight 108.9, partner-intensity light")]
    [InlineData("He is a two stripe blue belt of one hundred and ten kilos.", "partner-belt blue, partner-stripes 2, partner-weight 110")]
    [InlineData("He had twenty pounds on me.", "partner-size heavier")]
    [InlineData("He has 20 kg on me.", "partner-size much-heavier")]
    [InlineData("She is ten kilos lighter.", "partner-size lighter")]
    [InlineData("Black belt, 70kg vs my 84.", "partner-belt black, partner-weight 70")]
    [InlineData("I am a blue belt of 80 kilos.", "")]
    [InlineData("A six minute round with Oak.", "minutes 6")]
    [InlineData("Rolled with Oak, five minutes. I pulled guard.", "minutes 5")]
    [InlineData("I rolled with Oak for ten minutes.", "minutes 10")]
    [InlineData("I was stuck for five minutes.", "")]
    [InlineData("He swept me with five minutes left.", "")]
    [InlineData("I lost 4-2.", "result Lost 4–2")]
    [InlineData("We won six two in the end.", "result Won 6–2")]
    [InlineData("I won on advantages.", "decision Won by advantages")]
    [InlineData("Lost by a split ref decision.", "decision Lost by the referee")]
    [InlineData("Lost 4-2, so lost on points.", "result Lost 4–2, decision Lost by points")]
    [InlineData("Lost to Bruno on advantages.", "decision Lost by advantages")]
    [InlineData("I lost by a mile.", "")]
    public void Numbers_are_taken_for_what_they_count(string text, string facts) => Assert.Equal(facts, string.Join(", ", Facts(text)));

    [Theory]
    [InlineData("I lost 4-2.", "2-4 partner points")]
    [InlineData("I lost 2-4.", "2-4 partner points")]
    [InlineData("I won 6-2.", "6-2 me points")]
    [InlineData("Was down 5-3 at the end.", "3-5 - -")]
    [InlineData("2-2, won on advantages.", "- me advantages")]
    [InlineData("I lost by referee decision.", "- partner referee")]
    [InlineData("I pulled guard.", null)]
    public void What_is_told_of_a_match_is_what_its_referee_said(string text, string? said)
    {
        var roll = ToldClass.Of(Trade.Tell(text), new Roll { Id = "r", Kind = RollKind.Match }).Rolls[0];
        var official = roll.Official;
        var score = official?.Me is { } me ? $"{me.Points}-{official.Partner?.Points}" : "-";
        Assert.Equal(
            said,
            official is null
                ? null
                : $"{score} {(official.Winner is { } w ? Term.Of(w) : "-")} {(official.By is { } by ? Term.Of(by) : "-")}"
        );
        Assert.Null(roll.Notes);
        Assert.Null(ToldClass.Of(Trade.Tell(text), new Roll { Id = "r" }).Rolls[0].Official);
    }

    [Theory]
    [InlineData("I pulled guard and he passed. 4-2.", true, "4-2")]
    [InlineData("2-2, won on advantages. I pulled guard.", true, "2-2 me")]
    [InlineData("I pulled guard and he passed. 4-2.", false, null)]
    public void A_bare_pair_is_the_score_of_a_match_and_of_nothing_else(string text, bool isMatch, string? said)
    {
        var telling = Telling.Read(
            text,
            Trade.With(null),
            [],
            TellingAside.Nothing with
            {
                IsMatch = isMatch,
            },
            TestContext.Current.CancellationToken
        );
        var roll = ToldClass.Of(telling, new Roll { Id = "r", Kind = isMatch ? RollKind.Match : RollKind.Free }).Rolls[0];
        var winner = roll.Official?.Winner is { } w ? $" {Term.Of(w)}" : "";
        Assert.Equal(said, roll.Official is { } o ? $"{o.Me?.Points}-{o.Partner?.Points}{winner}" : null);
        Assert.Equal(0, isMatch ? roll.Taps(Who.Me) + roll.Taps(Who.Partner) : 0);
    }

    [Theory]
    [InlineData(PlainEvents.Held, true)]
    [InlineData(PlainEvents.NotHeld, false)]
    public void The_boards_lines_of_holding_read_back_as_just_that(string line, bool held)
    {
        var read = Trade.Read($"I passed with the knee cut to side control.\n{line}");
        var notch = Assert.Single(Assert.Single(read.Exchanges).Exchange.Notches);
        Assert.Equal(held, notch.Held ?? notch.HeldSeconds >= 3);
        Assert.Empty(read.Unread);
    }

    // "A big brown belt, maybe 95 kilos" is understood, so nothing of it is left unread.
    [Fact]
    public void What_is_said_of_the_partner_is_no_unread_word() =>
        Assert.DoesNotContain(
            Trade.Read("A big brown belt, maybe 95 kilos. I pulled guard and he passed.").Unread,
            u => u.Text.Contains("belt", StringComparison.Ordinal) || u.Text.Contains("kilos", StringComparison.Ordinal)
        );

    [Fact]
    public void It_fills_the_head_of_the_roll_unless_it_is_struck()
    {
        const string Text = "Flow round with a big brown belt, maybe 95 kilos. I pulled guard.";
        Roll Told(params string[] struck) =>
            ToldClass
                .Of(
                    Telling.Read(
                        Text,
                        Phrasebook.Of(MatVocabulary.BuiltIn),
                        [],
                        new TellingAside(null, [], new Dictionary<string, string>()) { Struck = struck }
                    ),
                    new Roll { Id = "r", Intensity = Intensity.Steady }
                )
                .Rolls[0];
        var roll = Told();
        Assert.Equal((Intensity.Light, Belt.Brown, 95.0), (roll.Intensity, roll.PartnerThen.Belt, roll.PartnerThen.WeightKg));
        var other = Told("flow round", "95 kilos");
        Assert.Equal((Intensity.Steady, Belt.Brown, null), (other.Intensity, other.PartnerThen.Belt, other.PartnerThen.WeightKg));
    }

    [Fact]
    public void Somebody_new_is_met_with_what_was_said_of_them()
    {
        var met = ToldClass
            .Of(
                Telling.Read(
                    "Rolled with Oak, brown belt, about 95 kilos. He pulled guard.",
                    Phrasebook.Of(MatVocabulary.BuiltIn),
                    [],
                    TellingAside.Nothing,
                    TestContext.Current.CancellationToken
                ),
                new Roll { Id = "r" }
            )
            .Met;
        Assert.Equal(("Oak", Belt.Brown, 95.0), (met[0].Name, met[0].Belt, met[0].WeightKg));
    }
}
