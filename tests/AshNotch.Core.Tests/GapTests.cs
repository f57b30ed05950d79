using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;

namespace AshNotch.Core.Tests;

/// <summary>What belt and weight say of a partner.</summary>
public class GapTests
{
    private static readonly Practitioner Me = new()
    {
        Belt = Belt.Blue,
        Stripes = 2,
        WeightKg = 80,
    };

    private static Gap Of(PartnerOfTheDay partner, Practitioner? me = null, DateOnly? day = null) =>
        Gap.Of(me ?? Me, new LoggedRoll(new Session { Id = "s", Date = day }, new Roll { Id = "r", PartnerThen = partner }, 0));

    [Theory]
    [InlineData(Belt.White, 0, -1.5)]
    [InlineData(Belt.Blue, 2, 0)]
    [InlineData(Belt.Purple, 0, 0.5)]
    [InlineData(Belt.Black, 1, 2.75)]
    [InlineData(Belt.Green, null, -0.7)]
    public void A_stripe_is_a_quarter_of_a_belt(Belt belt, int? stripes, double belts) =>
        Assert.Equal(belts, Of(new PartnerOfTheDay(belt, stripes, null, null)).Belts!.Value, 9);

    [Fact]
    public void Weight_is_a_ratio_and_a_size_in_words_stands_in_for_it()
    {
        Assert.Equal(Math.Log(1.1), Of(new PartnerOfTheDay(null, null, 88, null)).Weight!.Value, 9);
        Assert.Equal(Math.Log(1.1), Of(new PartnerOfTheDay(null, null, null, RelativeSize.Heavier)).Weight!.Value, 9);
        Assert.True(Of(new PartnerOfTheDay(null, null, null, RelativeSize.MuchLighter)).Weight < 0);
    }

    [Fact]
    public void What_is_not_known_is_no_gap_of_nought()
    {
        Assert.Equal(new Gap(null, null), Of(PartnerOfTheDay.Unknown));
        Assert.Null(Of(new PartnerOfTheDay(Belt.Brown, 0, 90, null), new Practitioner()).Belts);
    }

    [Fact]
    public void I_am_taken_as_I_was_that_day()
    {
        var grown = Me with
        {
            History =
            [
                new PractitionerThen(new(2025, 1, 1), Belt.White, 3, 85, null),
                new PractitionerThen(new(2026, 1, 1), Belt.Blue, 0, 80, null),
            ],
        };
        var blue = new PartnerOfTheDay(Belt.Blue, 0, null, null);
        Assert.Equal(0.25, Of(blue, grown, new(2025, 6, 1)).Belts!.Value, 9);
        Assert.Equal(0, Of(blue, grown, new(2026, 6, 1)).Belts!.Value, 9);
        // Before the history begins, as it begins.
        Assert.Equal(0.25, Of(blue, grown, new(2020, 6, 1)).Belts!.Value, 9);
    }
}
