using AshNotch.Core.Matches;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Tests.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Matches;

public class MatchDayTests
{
    private static readonly MatchDay Day = new()
    {
        Id = "d",
        Name = "Autumn open",
        Date = new DateOnly(2026, 10, 4),
        Attire = Attire.Gi,
        Category = MatchCategory.Men,
        ClassKg = 76,
    };

    // Limits: IBJJF rule book, from memory.
    [Theory]
    [InlineData(75.2, "75.2 kg: inside 76 kg by 0.8 kg.")]
    [InlineData(76, "76 kg: inside 76 kg by 0 kg.")]
    [InlineData(77.1, "77.1 kg: 1.1 kg over 76 kg; the class you are inside goes to 82.3 kg.")]
    [InlineData(110, "110 kg: 34 kg over 76 kg; above it there is the class without a limit.")]
    public void A_weight_is_inside_its_class_or_so_much_over(double kg, string said) =>
        Assert.Equal(said, WeightClasses.Fit(Day, kg, k => WeightWords.Say(k, null)));

    [Fact]
    public void What_is_said_of_the_day_goes_before_what_the_log_says()
    {
        Assert.StartsWith(
            "75.5 kg",
            WeightClasses.Fit(Day with { WeightKg = 75.5 }, 80, k => WeightWords.Say(k, null)),
            StringComparison.Ordinal
        );
        Assert.Null(WeightClasses.Fit(Day, null, k => WeightWords.Say(k, null)));
        Assert.Null(WeightClasses.Fit(Day with { ClassKg = null }, 80, k => WeightWords.Say(k, null)));
        Assert.Equal(
            "176.4 lb: the class has no limit.",
            WeightClasses.Fit(Day with { NoLimit = true }, 80, k => WeightWords.Say(k, WeightUnit.Lb))
        );
    }

    [Fact]
    public void Classes_are_known_of_men_and_women_and_of_nobody_else()
    {
        Assert.Equal([46.5, 51.5, 56.5, 61.5, 66.5, 71.5, 76.5], WeightClasses.Of(MatchCategory.Women, Attire.NoGi));
        Assert.Equal(8, WeightClasses.Of(MatchCategory.Men, null).Count);
        Assert.Empty(WeightClasses.Of(MatchCategory.Juvenile, Attire.Gi));
        Assert.Empty(WeightClasses.Of(null, Attire.Gi));
    }

    [Theory]
    [InlineData(0, "today")]
    [InlineData(1, "tomorrow")]
    [InlineData(12, "in 12 days")]
    [InlineData(-1, "yesterday")]
    [InlineData(-3, "3 days ago")]
    public void How_far_off_it_is_is_said(int days, string said) => Assert.Equal(said, DaysTo.Say(Day.Date.AddDays(days), Day.Date));

    [Fact]
    public void A_match_belongs_to_its_day_by_id_or_name_and_the_next_day_is_found()
    {
        Assert.True(Day.Has(new Roll { Id = "r", Event = "autumn OPEN" }));
        Assert.True(Day.Has(new Roll { Id = "r", Event = "d" }));
        Assert.False(Day.Has(new Roll { Id = "r" }));
        var book = new MatchBook { Days = [Day, Day with { Id = "e", Date = Day.Date.AddDays(30) }] };
        Assert.Equal("e", book.Next(Day.Date.AddDays(1))?.Id);
        Assert.Equal("d", book.Next(Day.Date)?.Id);
        Assert.Null(book.Next(Day.Date.AddDays(31)));
    }

    [Theory]
    [InlineData(3, 0, MatchWinner.Me, "")]
    [InlineData(0, 0, MatchWinner.Me, "You got 0 points on the board, 3 by what is written. It would fit if the pass had not counted.")]
    [InlineData(5, 0, MatchWinner.Me, "You got 5 points on the board, 3 by what is written. A takedown that is not written would make it.")]
    [InlineData(
        3,
        2,
        MatchWinner.Partner,
        "They got 2 points on the board, 0 by what is written. A takedown that is not written would make it. "
            + "The referee gave it to them; by what is written you are ahead."
    )]
    public void What_the_referee_said_is_held_against_what_is_written(int mine, int theirs, MatchWinner winner, string differs)
    {
        var ledger = Told.Scored(Told.Roll("me knee-cut-pass half-guard/top>side-control/top +held"), "federation-gi");
        var official = new OfficialResult(new(mine, null, null), new(theirs, 0, 0), winner, DecidedBy.Points);
        Assert.Equal(differs, string.Join(' ', Compared.Of(official, ledger)));
    }

    [Fact]
    public void Several_results_are_summed_in_words()
    {
        MatchResult Of(MatchWinner winner) => new(winner, "");
        Assert.Equal("2 won, 1 lost", MatchResult.Sum([Of(MatchWinner.Me), Of(MatchWinner.Partner), Of(MatchWinner.Me)]));
        Assert.Equal("1 level", MatchResult.Sum([Of(MatchWinner.Draw)]));
        Assert.Equal("", MatchResult.Sum([]));
    }

    [Fact]
    public void A_tap_that_is_not_written_is_missed()
    {
        var ledger = Told.Scored(Told.Roll("me armbar mount/top stopped"), "federation-gi");
        var official = new OfficialResult(null, null, MatchWinner.Me, DecidedBy.Tap);
        Assert.Contains("It ended by a tap, and none is written: add it where it came.", Compared.Of(official, ledger));
        Assert.Equal("Won by the tap", MatchResult.Of(new Roll { Id = "r", Official = official }, ledger).Say);
        Assert.Empty(Compared.Of(null, ledger));
    }

    [Fact]
    public void The_shadow_score_shows_what_finishes_hide()
    {
        LoggedRoll Of(string told) => new(new Session { Id = "s" }, Told.Roll(told, RollKind.Free), 0);
        var rolls = Enumerable
            .Repeat(Of("partner double-leg standing/neutral>open-guard/bottom|me armbar closed-guard/bottom tap"), 4)
            .Append(Of("me knee-cut-pass half-guard/top>side-control/top"));
        var shadow = Shadow.Of(rolls, _ => Rulebook.Shipped.Usual(Attire.Gi), MatVocabulary.BuiltIn);
        Assert.Equal((5, 3, 8, 4, 0), (shadow.Rolls, shadow.Scored, shadow.Lost, shadow.MyTaps, shadow.TheirTaps));
        Assert.Equal(new Conceded(ScoredFor.Takedown, 4, 8), Assert.Single(shadow.Theirs));
        Assert.Equal("takedown 4 times, 8", shadow.Theirs[0].Say);
        Assert.Equal("pass once, 3", Assert.Single(shadow.Mine).Say);
    }
}
