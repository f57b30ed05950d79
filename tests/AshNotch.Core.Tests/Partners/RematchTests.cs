using AshNotch.Core.Partners;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Partners;

public class RematchTests
{
    private const string Mount = "partner step-to-mount side-control/bottom>mount/bottom";
    private const string Escape = "me elbow-escape mount/bottom>half-guard/bottom";

    private static Rematch Of(params string[] rolls)
    {
        var log = PartnerLogs.Of([.. rolls.Select(r => new[] { ("birch", r) })]);
        return Rematch.Of([.. log.Rolls], log.Practitioner, MatVocabulary.BuiltIn);
    }

    [Fact]
    public void The_same_places_are_lined_up_and_what_was_not_reached_is_empty()
    {
        var rematch = Of($"{PartnerLogs.Cut}|{Mount}", $"{PartnerLogs.Cut[..PartnerLogs.Cut.IndexOf('>')]} stopped|{PartnerLogs.Sweep}");
        Assert.Equal(
            ["half-guard/bottom", "side-control/bottom", "mount/bottom", "closed-guard/bottom", "mount/top"],
            rematch.Places.Select(p => p.Place.Value)
        );
        var half = rematch.Places[0].Rolls;
        Assert.Equal(
            ["Their knee cut pass: landed", "Their knee cut pass: stopped"],
            half.Select(lines => RematchWords.Of(Assert.Single(lines!), MatVocabulary.BuiltIn))
        );
        Assert.Null(rematch.Places[1].Rolls[1]);
        Assert.Empty(rematch.Places[2].Rolls[0]!);
        Assert.Null(rematch.Places[3].Rolls[0]);
    }

    [Fact]
    public void What_was_answered_and_what_is_new_is_said_from_the_first_to_the_last()
    {
        var changed = Of(
            $"{PartnerLogs.Cut}|{Mount}",
            "me armbar mount/top stopped",
            $"{PartnerLogs.Cut[..PartnerLogs.Cut.IndexOf('>')]} stopped|{PartnerLogs.Sweep}"
        ).Changed;
        Assert.Equal(
            [
                "You answered their knee cut pass from your half guard: it came off once in the first, never in 1 in the last.",
                "New in the last: your scissor sweep from your closed guard.",
                "Not in the last: their step to mount from their side control.",
            ],
            changed
        );
    }

    [Theory]
    [InlineData(
        $"{PartnerLogs.Cut}|{Mount}|{Escape}",
        "Under pressure once, weathered: their side control and their mount, out by your elbow escape."
    )]
    [InlineData($"{PartnerLogs.Cut}|{Mount}", "Under pressure once, weathered: their side control and their mount, saved by the clock.")]
    [InlineData($"{PartnerLogs.Cut}|partner armbar side-control/bottom tap", "Under pressure once, and tapped.")]
    [InlineData(
        $"{PartnerLogs.Cut}|partner armbar side-control/bottom tap||{PartnerLogs.Cut}|me elbow-escape side-control/bottom>half-guard/bottom",
        "Under pressure twice, weathered 1: their side control, out by your elbow escape."
    )]
    [InlineData(
        $"{PartnerLogs.Cut}|partner stand-up side-control/bottom>standing/neutral",
        "Under pressure once, weathered: their side control, they went on."
    )]
    [InlineData(PartnerLogs.Sweep, null)]
    public void What_was_weathered_is_told(string roll, string? said) =>
        Assert.Equal(said, RematchWords.Weathered(Of(roll, PartnerLogs.Sweep).Pressed[0], MatVocabulary.BuiltIn));

    [Fact]
    public void A_near_finish_is_told_with_its_caution()
    {
        var pressed = Of("partner heel-hook saddle/defending near", PartnerLogs.Sweep).Pressed[0];
        var near = Assert.Single(Assert.Single(pressed).Near);
        var said = RematchWords.Near(near, MatVocabulary.BuiltIn);
        Assert.StartsWith("They nearly had the heel hook. ", said, StringComparison.Ordinal);
        Assert.Contains(MatVocabulary.BuiltIn.Move(new MoveId("heel-hook"))!.Caution!, said, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(1.0, 0.15, "a belt above you, about 16% heavier")]
    [InlineData(-2.0, -0.2, "2 belts below you, about 18% lighter")]
    [InlineData(0.2, 0.01, "your belt, your weight")]
    [InlineData(0.5, null, "part of a belt above you")]
    [InlineData(null, null, null)]
    public void The_gap_in_level_is_said(double? belts, double? weight, string? said) =>
        Assert.Equal(said, RematchWords.Level(new Gap(belts, weight)));
}
