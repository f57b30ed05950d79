using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class WalkTests
{
    private static readonly DateOnly Day = new(2026, 3, 2);

    private static readonly Notch Pass = new()
    {
        By = Who.Partner,
        Move = new("knee-cut-pass"),
        From = new("half-guard/bottom"),
        To = new("side-control/bottom"),
        Outcome = Outcome.Landed,
    };

    private static Log LogOf(params Notch[] notches) => LogOf(Intensity.Steady, Day, notches);

    private static Log LogOf(Intensity intensity, DateOnly day, params Notch[] notches) =>
        new()
        {
            Sessions =
            [
                new Session
                {
                    Id = "s",
                    Date = day,
                    Rolls =
                    [
                        new Roll
                        {
                            Id = "r",
                            Intensity = intensity,
                            Exchanges = [new Exchange { Notches = notches }],
                        },
                    ],
                },
            ],
        };

    private static IReadOnlyList<Step> Steps(Log log, DateOnly? asOf = null) => [.. Walk.Of(log, MatVocabulary.BuiltIn, asOf).Steps];

    [Fact]
    public void What_was_given_threatened_or_caused_by_the_surroundings_teaches_nothing()
    {
        Assert.Empty(
            Steps(
                LogOf(
                    Pass with
                    {
                        Given = Who.Me,
                    },
                    Pass with
                    {
                        Outcome = Outcome.Threatened,
                    },
                    Pass with
                    {
                        Causes = ["surroundings"],
                    },
                    Pass with
                    {
                        Causes = ["late", "clock"],
                    },
                    Pass with
                    {
                        From = null,
                        Outcome = Outcome.Stopped,
                    }
                )
            )
        );
    }

    [Fact]
    public void What_came_off_from_a_place_nobody_told_is_taken_from_the_likeliest_and_said_to_be()
    {
        var step = Assert.Single(Steps(LogOf(Pass with { From = null })));
        Assert.True(step.IsSupposed);
        Assert.Equal(SupposedStart.Of(Pass.Move!.Value, Pass.By, MatVocabulary.BuiltIn), step.From);
        Assert.True(MatVocabulary.BuiltIn.Place(step.From) is { IsGuard: true });
        Assert.All(
            MatVocabulary.BuiltIn.Moves,
            m => Assert.Equal(m.From.Count > 0, SupposedStart.Of(m.Id, Who.Me, MatVocabulary.BuiltIn) is not null)
        );
    }

    [Fact]
    public void A_change_from_nowhere_that_nobody_named_is_left_out_and_counted()
    {
        var log = LogOf(Pass with { From = null, Move = null }, Pass);
        Assert.Single(Steps(log));
        Assert.Equal(1, Walk.Of(log, MatVocabulary.BuiltIn).FromNowhere);
    }

    [Theory]
    [InlineData(Outcome.Stopped, StepResult.Stays)]
    [InlineData(Outcome.Abandoned, StepResult.Stays)]
    [InlineData(Outcome.Near, StepResult.Stays)]
    [InlineData(Outcome.Landed, StepResult.Lands)]
    [InlineData(Outcome.Tap, StepResult.Taps)]
    public void The_outcome_says_where_the_walk_goes(Outcome outcome, StepResult result) =>
        Assert.Equal(result, Assert.Single(Steps(LogOf(Pass with { Outcome = outcome }))).Result);

    [Fact]
    public void The_k_th_repeat_of_one_exit_in_a_roll_counts_one_over_k()
    {
        Assert.Equal([1, 0.5, 1 / 3.0, 1], Steps(LogOf(Pass, Pass, Pass, Pass with { To = new("mount/bottom") })).Select(s => s.Weight));
    }

    [Fact]
    public void A_step_of_eight_weeks_ago_or_of_a_light_roll_counts_half()
    {
        Assert.Equal(0.5, Assert.Single(Steps(LogOf(Pass), Day.AddDays(56))).Weight, 12);
        Assert.Equal(0.5, Assert.Single(Steps(LogOf(Intensity.Light, Day, Pass))).Weight, 12);
    }

    [Fact]
    public void A_landing_that_names_no_place_goes_where_the_move_usually_leads() =>
        Assert.Equal("side-control/bottom", Assert.Single(Steps(LogOf(Pass with { To = null }))).To?.Value);

    [Fact]
    public void A_positional_round_says_nothing_of_where_rolls_start()
    {
        var log = LogOf(Pass);
        var roll = log.Sessions[0].Rolls[0] with { Kind = RollKind.Positional };
        Assert.Empty(Walk.Of(log with { Sessions = [log.Sessions[0] with { Rolls = [roll] }] }, MatVocabulary.BuiltIn).Starts);
        Assert.Single(Walk.Of(log, MatVocabulary.BuiltIn).Starts);
    }

    [Fact]
    public void A_hold_that_moves_nobody_is_no_step_and_one_that_does_is()
    {
        Assert.Empty(Steps(LogOf(Pass with { Move = new("underhook"), To = null })));
        Assert.Empty(Steps(LogOf(Pass with { Move = new("underhook"), To = null, Outcome = Outcome.Stopped })));
        Assert.Empty(Steps(LogOf(Pass with { Move = new("underhook"), To = new("half-guard/bottom") })));
        Assert.Equal(
            "dogfight/neutral",
            Assert.Single(Steps(LogOf(Pass with { Move = new("underhook"), To = new("dogfight/neutral") }))).To?.Value
        );
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void A_walk_that_goes_on_from_an_earlier_one_is_the_same_as_one_made_anew(int seed)
    {
        var random = new Random(seed);
        var (log, walk) = (new Log(), Walk.Empty);
        for (var turn = 0; turn < 60; turn++)
        {
            log = Changed(log, random, turn);
            walk = Walk.Of(log, MatVocabulary.BuiltIn, before: walk);
            var anew = Walk.Of(log, MatVocabulary.BuiltIn);
            Assert.Equal(anew.Kinds, walk.Kinds);
            Assert.Equal(anew.Starts, walk.Starts);
            Assert.Equal(anew.Steps, walk.Steps);
            Assert.Equal(anew.Notches, walk.Notches);
            Assert.Equal(anew.Rolls.Select(r => (r.Logged, r.Weight, r.Joints)), walk.Rolls.Select(r => (r.Logged, r.Weight, r.Joints)));
        }
    }

    // A roll more, a session changed, one taken out.
    private static Log Changed(Log log, Random random, int turn)
    {
        var sessions = log.Sessions.ToList();
        var at = random.Next(sessions.Count + 1);
        switch (sessions.Count == 0 || at == sessions.Count ? 0 : random.Next(3))
        {
            case 0:
                sessions.Insert(at, Told(turn, random));
                break;
            case 1:
                sessions[at] = sessions[at] with { Rolls = [.. sessions[at].Rolls, .. Told(turn, random).Rolls] };
                break;
            default:
                sessions.RemoveAt(at);
                break;
        }
        return log with { Sessions = sessions };
    }

    private static Session Told(int turn, Random random)
    {
        PlaceId[] places = [new("half-guard/bottom"), new("mount/top"), new("side-control/bottom"), new("back-control/top")];
        Notch Any() =>
            Pass with
            {
                From = places[random.Next(4)],
                To = places[random.Next(4)],
                Outcome = random.Next(2) == 0 ? Outcome.Landed : Outcome.Stopped,
            };
        return new Session
        {
            Id = $"s{turn}",
            Date = Day.AddDays(random.Next(3)),
            Rolls =
            [
                new Roll
                {
                    Id = $"r{turn}",
                    Exchanges = [new Exchange { Start = places[random.Next(4)], Notches = [Any(), Any(), Any()] }],
                },
            ],
        };
    }

    [Fact]
    public void Of_a_thousand_places_of_ones_own_those_told_of_most_are_followed()
    {
        var notches = Enumerable
            .Range(0, 1000)
            .SelectMany(i => Enumerable.Repeat(Pass with { From = new($"own-{i}/top"), To = new($"own-{i + 1}/top") }, i < 10 ? 3 : 1))
            .ToArray();
        var walk = Walk.Of(LogOf(notches), MatVocabulary.BuiltIn);
        var places = walk.Steps.Select(s => s.From).Distinct().ToList();
        Assert.Equal(Walk.MostOwnPlaces, places.Count);
        Assert.Equal(1001 - Walk.MostOwnPlaces, walk.PlacesLeftOut);
        Assert.Superset(Enumerable.Range(0, 10).Select(i => new PlaceId($"own-{i}/top")).ToHashSet(), places.ToHashSet());
        Assert.All(walk.Steps, s => Assert.True(s.To is null || places.Contains(s.To.Value)));
    }
}
