using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class PeopleTests
{
    private static readonly DateOnly Day = new(2026, 3, 2);

    [Fact]
    public void A_new_belt_goes_into_the_history_and_a_new_unit_does_not()
    {
        var white = new Practitioner
        {
            Belt = Belt.White,
            Stripes = 4,
            WeightKg = 80,
        };
        var blue = white.Become(white with { Belt = Belt.Blue, Stripes = 0 }, Day);
        Assert.Equal(new PractitionerThen(Day, Belt.Blue, 0, 80, null), Assert.Single(blue.History));
        var pounds = blue.Become(blue with { Units = WeightUnit.Lb }, Day.AddDays(9));
        Assert.Same(blue.History, pounds.History);
        Assert.Equal(WeightUnit.Lb, pounds.Units);
    }

    [Fact]
    public void Several_changes_of_one_day_are_one_and_days_stay_in_order()
    {
        var now = new Practitioner();
        foreach (var (days, kg) in ((int, double)[])[(0, 80), (0, 79), (5, 78), (9, 77)])
            now = now.Become(now with { WeightKg = kg }, Day.AddDays(days));
        Assert.Equal([79, 78, 77], now.History.Select(h => h.WeightKg!.Value));
        Assert.Equal(now.History.Select(h => h.Since).Order(), now.History.Select(h => h.Since));
    }

    [Fact]
    public void A_clock_that_was_set_back_does_not_date_a_new_belt_before_the_old_one()
    {
        var blue = new Practitioner().Become(new Practitioner { Belt = Belt.Blue }, Day);
        var purple = blue.Become(blue with { Belt = Belt.Purple }, Day.AddYears(-14));
        Assert.Equal(purple.History.Select(h => h.Since).Order(), purple.History.Select(h => h.Since));
        Assert.Equal(Belt.Purple, purple.On(Day.AddDays(1)).Belt);
    }

    [Fact]
    public void A_partner_of_the_day_carries_no_more_than_belt_and_size() =>
        Assert.Equal(
            new PartnerOfTheDay(Belt.Brown, 2, 91.5, RelativeSize.Heavier),
            new Partner
            {
                Id = "p",
                Name = "n",
                Belt = Belt.Brown,
                Stripes = 2,
                WeightKg = 91.5,
                Size = RelativeSize.Heavier,
                Traits = ["long legs"],
            }.Today
        );

    [Theory]
    [InlineData("no-gi", Attire.NoGi)]
    [InlineData("No Gi", Attire.NoGi)]
    [InlineData("NO_GI", Attire.NoGi)]
    [InlineData(" gi ", Attire.Gi)]
    public void Terms_forgive_capitals_blanks_and_underscores(string written, Attire read)
    {
        Assert.True(Term.TryRead<Attire>(written, out var attire));
        Assert.Equal(read, attire);
    }

    [Theory]
    [InlineData("")]
    [InlineData(null)]
    [InlineData("0")]
    [InlineData("nogi gi")]
    public void What_is_no_term_is_not_guessed(string? written) => Assert.False(Term.TryRead<Attire>(written, out _));

    [Fact]
    public void Every_term_reads_back_from_its_written_form()
    {
        Check<Outcome>();
        Check<AgeDivision>();
        Check<RelativeSize>();
        Check<SessionKind>();
        Check<MoveKind>();
        Check<Role>();
        Assert.Equal("much-heavier", Term.Of(RelativeSize.MuchHeavier));
        Assert.Equal("master-1", Term.Of(AgeDivision.Master1));

        static void Check<T>()
            where T : struct, Enum =>
            Assert.All(
                Enum.GetValues<T>(),
                value =>
                    Assert.True(
                        Term.TryRead<T>(Term.Of(value), out var read) && read.Equals(value) && Term.All<T>().Contains(Term.Of(value))
                    )
            );
    }

    [Theory]
    [InlineData("half-guard/bottom", "half-guard/top")]
    [InlineData("saddle/attacking", "saddle/defending")]
    [InlineData("standing/neutral", "standing/neutral")]
    [InlineData("our-guard/bottom", "our-guard/top")]
    [InlineData("our-legs/defending", "our-legs/attacking")]
    [InlineData("our-corner", "our-corner")]
    [InlineData("our-corner/north", "our-corner/north")]
    public void A_place_of_ones_own_mirrors_by_its_role(string place, string mirror) =>
        Assert.Equal(mirror, new PlaceId(place).Mirror.Value);

    [Fact]
    public void A_place_is_said_as_mine_or_theirs_by_whose_position_it_is()
    {
        Assert.Equal("your half guard", MatVocabulary.BuiltIn.SayPlace(new PlaceId("half-guard/bottom")));
        Assert.Equal("their half guard", MatVocabulary.BuiltIn.SayPlace(new PlaceId("half-guard/top")));
        Assert.Equal("your mount", MatVocabulary.BuiltIn.SayPlace(new PlaceId("mount/top")));
        Assert.Equal("our guard, bottom", MatVocabulary.BuiltIn.SayPlace(new PlaceId("our-guard/bottom")));
        Assert.Equal("our pass", MatVocabulary.BuiltIn.MoveName(new MoveId("our-pass")));
    }
}
