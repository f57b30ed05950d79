using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Core.Weeks;

namespace AshNotch.Core.Tests;

public class WeeksTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;
    private static readonly Subject Passes = new(Who.Partner, new("half-guard/bottom"), new("knee-cut-pass"));
    private static readonly DateOnly First = new(2026, 1, 5);

    // Each week some passes that land and some that are stopped, with each partner.
    private static Log Weekly(int weeks, Func<int, string, (int Landed, int Stopped)> of, params string[] partners)
    {
        var stop = Trade.KneeCut with { Outcome = Outcome.Stopped };
        return new Log
        {
            Partners = [.. partners.Select(p => new Partner { Id = p, Name = p })],
            Sessions =
            [
                .. Enumerable
                    .Range(0, weeks)
                    .Select(week => new Session
                    {
                        Id = $"s{week}",
                        Date = First.AddDays(7 * week),
                        Rolls =
                        [
                            .. partners.SelectMany(p =>
                                Enumerable
                                    .Repeat(Trade.KneeCut, of(week, p).Landed)
                                    .Concat(Enumerable.Repeat(stop, of(week, p).Stopped))
                                    .Select(
                                        (n, i) =>
                                            new Roll
                                            {
                                                Id = $"{week}-{p}-{i}",
                                                Partner = p,
                                                Exchanges = [new Exchange { Notches = [n] }],
                                            }
                                    )
                            ),
                        ],
                    }),
            ],
        };
    }

    private static Course Of(Log log, Subject? subject = null) =>
        Assert.Single(Courses.Of(Experience.OfAllWeeks(log, Mat), [subject ?? Passes]).All);

    [Fact]
    public void A_ratio_is_drawn_to_one_and_its_range_narrows_with_counts()
    {
        var few = new Ratio(2, 1);
        var many = new Ratio(200, 100);
        Assert.InRange(few.Mean, 1, 1.5);
        Assert.InRange(many.Mean, 1.9, 2);
        Assert.True(few.High / few.Low > many.High / many.Low);
        Assert.Equal(0.5, new Ratio(7, 5).ChanceBelow(new Ratio(7, 5)), 9);
        Assert.True(new Ratio(2, 10).ChanceBelow(new Ratio(10, 10)) > 0.95);
    }

    /// <summary>Quantiles of the gamma with integer shape against the Poisson sum they are the inverse of.</summary>
    [Theory]
    [InlineData(4, 6)]
    [InlineData(0, 2)]
    public void Its_range_is_that_of_a_gamma(int observed, double expected)
    {
        var ratio = new Ratio(observed, expected);
        double Below(double x)
        {
            // A gamma of integer shape k is below x where a Poisson of mean rate·x is k or more.
            var mean = (3 + expected) * x;
            var (term, sum) = (Math.Exp(-mean), 0.0);
            for (var k = 0; k < 3 + observed; k++)
            {
                sum += term;
                term *= mean / (k + 1);
            }
            return 1 - sum;
        }
        Assert.Equal(0.1, Below(ratio.Low), 6);
        Assert.Equal(0.9, Below(ratio.High), 6);
    }

    [Fact]
    public void Average_weeks_bring_what_is_expected()
    {
        var course = Of(Weekly(12, (_, _) => (3, 5), "a", "b"));
        Assert.Equal(Turn.Level, course.Turn);
        Assert.All(course.Fortnights, f => Assert.InRange(f.Count.Mean, 0.8, 1.25));
        Assert.Equal(6, course.Fortnights.Count);
        Assert.Equal(72, course.Fortnights.Sum(f => f.Count.Observed));
    }

    [Fact]
    public void What_they_land_less_often_is_getting_better_and_more_often_worse()
    {
        Assert.Equal(Turn.Better, Of(Weekly(12, (week, _) => week < 8 ? (5, 3) : (1, 7), "a", "b")).Turn);
        var worse = Of(Weekly(12, (week, _) => week < 8 ? (1, 7) : (5, 3), "a", "b"));
        Assert.Equal(Turn.Worse, worse.Turn);
        Assert.Contains("getting worse", worse.Say, StringComparison.Ordinal);
    }

    [Fact]
    public void One_partner_who_has_learned_it_is_not_me_losing_it()
    {
        var course = Of(Weekly(12, (week, p) => p == "tall" && week >= 8 ? (7, 1) : (2, 6), "tall", "b", "c"));
        Assert.Equal(Turn.Learned, course.Turn);
        Assert.Contains("tall has learned it", course.Say, StringComparison.Ordinal);
    }

    [Fact]
    public void Too_little_is_said_to_be_too_little_and_a_first_week_is_shown()
    {
        var course = Of(Weekly(1, (_, _) => (1, 1), "a"));
        Assert.Equal(Turn.Unknown, course.Turn);
        Assert.Single(course.Fortnights);
        Assert.Empty(Courses.Of(Experience.OfAllWeeks(new Log(), Mat), [Passes]).All);
    }

    [Fact]
    public void A_fortnight_names_the_rolls_it_happened_in_once()
    {
        var log = Weekly(2, (_, _) => (2, 1), "a");
        var course = Of(log);
        Assert.Equal(["0-a-0", "0-a-1", "1-a-0", "1-a-1"], course.Fortnights.SelectMany(f => f.Rolls));
    }

    [Fact]
    public void A_weakness_that_was_mended_is_said_to_be_a_strength()
    {
        var course = Of(Weekly(16, (week, _) => week < 12 ? (5, 3) : (0, 8), "a", "b"));
        Assert.Contains("is a strength now", course.Say, StringComparison.Ordinal);
        Assert.Equal(
            course.Say,
            Courses.Of(Experience.OfAllWeeks(Weekly(16, (week, _) => week < 12 ? (5, 3) : (0, 8), "a", "b"), Mat), [Passes]).Changed
        );
    }
}
