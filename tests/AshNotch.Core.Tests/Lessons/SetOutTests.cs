using AshNotch.Core.Lessons;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Lessons;

/// <summary>What was set out for a roll, held against what happened.</summary>
public class SetOutTests
{
    private static Notch By(Who who, string move, Outcome outcome, Who? given = null) =>
        new()
        {
            By = who,
            Move = new MoveId(move),
            Outcome = outcome,
            Given = given,
        };

    private static readonly Roll Roll = new()
    {
        Id = "r",
        Exchanges =
        [
            new Exchange
            {
                Notches =
                [
                    By(Who.Me, "knee-cut-pass", Outcome.Stopped),
                    By(Who.Me, "knee-cut-pass", Outcome.Landed),
                    By(Who.Me, "armbar", Outcome.Near),
                    By(Who.Partner, "scissor-sweep", Outcome.Landed, Who.Me),
                    By(Who.Partner, "armbar", Outcome.Tap),
                ],
            },
        ],
    };

    [Theory]
    [InlineData(Intent.Try, "Meant to try things: you tried 2 things, 3 times in all; 1 of 3 came off.")]
    [InlineData(Intent.LetWork, "Meant to let work: they tried twice, 2 of 2 came off; 1 you let happen.")]
    [InlineData(Intent.Survive, "Meant to survive: they tried twice, 2 of 2 came off; tapped once.")]
    [InlineData(Intent.Win, "Meant to win: you finished 0 times, they finished once.")]
    public void What_a_roll_was_meant_for_is_counted(Intent intent, string said) =>
        Assert.Equal([said], SetOut.Held(Roll with { Intent = intent }, Trade.With(null)));

    [Fact]
    public void A_mission_says_how_often_it_was_tried_and_what_came_beside_it() =>
        Assert.Equal(
            ["You tried the knee cut pass twice; 1 of 2 came off.", "Beside it you tried the armbar."],
            SetOut.Held(Roll with { Mission = new Mission("Land a knee cut from headquarters", []) }, Trade.With(null))
        );

    [Fact]
    public void A_mission_that_did_not_come_up_says_so() =>
        Assert.Equal(
            "The berimbolo did not come up.",
            SetOut.Held(Roll with { Mission = new Mission("one berimbolo", []) }, Trade.With(null))[0]
        );

    [Fact]
    public void Nothing_set_out_or_nothing_told_says_nothing()
    {
        Assert.Empty(SetOut.Held(Roll, Trade.With(null)));
        Assert.Empty(SetOut.Held(Roll with { Exchanges = [], Intent = Intent.Win }, Trade.With(null)));
        Assert.Empty(SetOut.Held(Roll with { Mission = new Mission("breathe", []) }, Trade.With(null)));
    }
}
