using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>Properties that hold for any log, on made-up ones.</summary>
public class RankingTests
{
    private static readonly MatVocabulary Vocabulary = MatVocabulary.BuiltIn;

    private static SkillModel Model(Log log) => SkillModel.Of(Walk.Of(log, Vocabulary), log.Practitioner, Vocabulary);

    private static RollChain Chain(Log log) => Model(log).Expected(Against.Usual);

    private static double[] Rewards(RollChain chain, Aim aim) => Reward.Of(aim, Vocabulary, chain.Shape);

    private static ChainValue Value(RollChain chain, Aim aim) => ChainValue.Solve(chain, Rewards(chain, aim));

    private static ChainValue Value(Log log, Aim aim = Aim.Points) => Value(Chain(log), aim);

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void What_the_partner_would_have_logged_is_worth_the_opposite(int seed)
    {
        var log = RandomLogs.Of(seed);
        foreach (var aim in (Aim[])[Aim.Points, Aim.Finish, Aim.Balanced])
        {
            Assert.Equal(Value(log, aim).PerRoll, -Value(RandomLogs.Mirrored(log), aim).PerRoll, 9);
        }
    }

    /// <summary>The linear solve against playing the fitted chain out, roll by roll: within four standard errors.</summary>
    [Theory]
    [InlineData(4, Aim.Points)]
    [InlineData(5, Aim.Finish)]
    public void The_value_is_what_rolls_played_out_bring_on_average(int seed, Aim aim)
    {
        var chain = Chain(RandomLogs.Of(seed));
        var solved = Value(chain, aim);
        var rewards = Rewards(chain, aim);
        var random = new Random(seed);
        const int Played = 40_000;
        double sum = 0,
            squares = 0;
        for (var roll = 0; roll < Played; roll++)
        {
            var result = Play(chain, rewards, random);
            sum += result;
            squares += result * result;
        }
        var mean = sum / Played;
        var error = Math.Sqrt((squares / Played - mean * mean) / Played);
        Assert.InRange(solved.PerRoll, mean - 4 * error, mean + 4 * error);
    }

    private static double Play(RollChain chain, double[] rewards, Random random)
    {
        var net = 0.0;
        var now = Draw(chain.Start, random);
        while (true)
        {
            var exits = chain.Shape.Of(now);
            var exit = Draw(chain.Chances[exits], random) + exits.Start.Value;
            if (exit < exits.End.Value)
            {
                net += rewards[exit];
                var to = chain.Shape.Exits[exit].To;
                now = to >= 0 ? to : Draw(chain.Start, random);
            }
            if (random.NextDouble() < chain.Ends)
                return net;
        }
    }

    // The index drawn; one past the last when what is left to 1 was drawn.
    private static int Draw(double[] chances, Random random)
    {
        var drawn = random.NextDouble();
        for (var i = 0; i < chances.Length; i++)
        {
            drawn -= chances[i];
            if (drawn < 0)
                return i;
        }
        return chances.Length;
    }

    /// <summary>The linear solve against the same equation iterated until nothing moves, which shares no algebra with it.</summary>
    [Fact]
    public void The_values_solve_the_equation_they_are_said_to_solve()
    {
        var chain = Chain(RandomLogs.Of(6));
        var solved = Value(chain, Aim.Points);
        var rewards = Rewards(chain, Aim.Points);
        var goesOn = 1 - chain.Ends;
        var values = new double[chain.Shape.Places.Count];
        for (var round = 0; round < 600; round++)
        {
            var restart = chain.Start.Select((s, i) => s * values[i]).Sum();
            double From(int e) => chain.Shape.Exits[e].To is var to && to >= 0 ? values[to] : restart;
            values =
            [
                .. values.Select(
                    (v, i) =>
                        (1 - chain.Shape.ExitsOf(i).Sum(e => chain.Chances[e])) * goesOn * v
                        + chain.Shape.ExitsOf(i).Sum(e => chain.Chances[e] * (rewards[e] + goesOn * From(e)))
                ),
            ];
        }
        Assert.All(values.Zip(solved.Values), v => Assert.Equal(v.First, v.Second, 8));
    }

    [Theory]
    [InlineData(7)]
    [InlineData(8)]
    public void Ranks_run_from_one_by_gain_and_the_same_log_gives_the_same_answer(int seed)
    {
        var log = RandomLogs.Of(seed);
        var ranking = WeakSpotRanking.Of(log, MatVocabulary.BuiltIn, Aim.Balanced);
        Assert.Equal(Enumerable.Range(1, ranking.Spots.Count), ranking.Spots.Select(s => s.Rank));
        Assert.True(ranking.Spots.Zip(ranking.Spots.Skip(1)).All(p => p.First.GainPerRoll >= p.Second.GainPerRoll - 1e-9));
        Assert.Equal(
            ranking.Spots.Select(s => (s.Say, s.GainPerRoll)),
            WeakSpotRanking.Of(log, MatVocabulary.BuiltIn, Aim.Balanced).Spots.Select(s => (s.Say, s.GainPerRoll))
        );
    }

    [Fact]
    public void Rolls_of_one_day_may_come_in_any_order()
    {
        var log = RandomLogs.Of(9);
        var turned = log with { Sessions = [.. log.Sessions.Select(s => s with { Rolls = [.. s.Rolls.Reverse()] })] };
        var (before, after) = (
            WeakSpotRanking.Of(log, MatVocabulary.BuiltIn, Aim.Points),
            WeakSpotRanking.Of(turned, MatVocabulary.BuiltIn, Aim.Points)
        );
        Assert.Equal(before.ValuePerRoll, after.ValuePerRoll, 9);
        Assert.Equal(before.Spots.Select(s => s.Way), after.Spots.Select(s => s.Way));
    }

    [Fact]
    public void What_was_let_happen_is_counted_among_the_notches_and_changes_no_gain()
    {
        var log = RandomLogs.Of(10);
        var gift = new Notch
        {
            By = Who.Partner,
            Move = new("knee-cut-pass"),
            From = new("half-guard/bottom"),
            To = new("side-control/bottom"),
            Outcome = Outcome.Landed,
            Given = Who.Me,
        };
        var first = log.Sessions[0];
        var roll = first.Rolls[0];
        var more = log with
        {
            Sessions =
            [
                first with
                {
                    Rolls =
                    [
                        roll with
                        {
                            Exchanges = [roll.Exchanges[0] with { Notches = [.. roll.Exchanges[0].Notches, gift, gift, gift] }],
                        },
                        .. first.Rolls.Skip(1),
                    ],
                },
                .. log.Sessions.Skip(1),
            ],
        };
        var (before, after) = (
            WeakSpotRanking.Of(log, MatVocabulary.BuiltIn, Aim.Survive),
            WeakSpotRanking.Of(more, MatVocabulary.BuiltIn, Aim.Survive)
        );
        Assert.Equal(before.Notches + 3, after.Notches);
        Assert.Equal(before.Spots.Select(s => (s.Way, s.Count, s.GainPerRoll)), after.Spots.Select(s => (s.Way, s.Count, s.GainPerRoll)));
    }

    [Theory]
    [InlineData(Aim.Points)]
    [InlineData(Aim.Survive)]
    public void One_more_landing_of_theirs_never_makes_a_roll_look_better_where_it_ends_in_a_tap(Aim aim)
    {
        var log = RandomLogs.Of(11);
        var tapped = new Roll
        {
            Id = "x",
            Exchanges =
            [
                new Exchange
                {
                    Start = new("mount/bottom"),
                    Notches =
                    [
                        new Notch
                        {
                            By = Who.Partner,
                            Move = new("armbar"),
                            From = new("mount/bottom"),
                            Outcome = Outcome.Tap,
                        },
                    ],
                },
            ],
        };
        var more = log with
        {
            Sessions = [.. log.Sessions.SkipLast(1), log.Sessions[^1] with { Rolls = [.. log.Sessions[^1].Rolls, tapped] }],
        };
        Assert.True(Value(more, aim).PerRoll < Value(log, aim).PerRoll);
    }

    [Fact]
    public void Every_candidate_is_ranked_set_aside_or_harmless_and_none_twice()
    {
        var ranking = WeakSpotRanking.Of(RandomLogs.Of(12, rolls: 120), MatVocabulary.BuiltIn, Aim.Balanced);
        var keys = ranking.Spots.Select(s => s.Way).Concat(ranking.Untested.Select(u => u.Way)).ToList();
        Assert.Equal(keys.Count, keys.Distinct().Count());
        Assert.NotEmpty(ranking.Spots);
        Assert.All(ranking.Spots, s => Assert.InRange(s.Count, s.Way.By == Who.Me ? 0 : 1, s.Attempts));
        Assert.All(ranking.Spots, s => Assert.InRange(s.Rate, 1e-6, 1));
    }

    [Fact]
    public void What_was_seen_once_is_named_and_has_no_rank()
    {
        var ranking = WeakSpotRanking.Of(DemoTests.Log, Vocabulary, Aim.Points);
        Assert.NotEmpty(ranking.Untested);
        Assert.All(ranking.Untested, u => Assert.True(u.Attempts == 1 && u.Say.Length > 0 && !u.Say.EndsWith('.')));
        Assert.DoesNotContain(ranking.Spots, s => ranking.Untested.Any(u => u.Way == s.Way));
    }

    [Fact]
    public void Other_rules_make_another_ranking_and_the_aim_to_finish_asks_for_none()
    {
        var grappling = Core.Scoring.Rulesets.All.Single(r => r.Id == "submission-grappling");
        var experience = Skill.Experience.Of(DemoTests.Log, Vocabulary);
        WeakSpots By(Aim aim, Core.Scoring.Ruleset rules) => WeakSpotRanking.Of(experience, new Goal(aim, rules), Skill.Against.Usual);
        var (ours, theirs) = (By(Aim.Points, Core.Scoring.Ruleset.Federation), By(Aim.Points, grappling));
        Assert.Equal(("federation points", "submission-grappling points"), (ours.Rules, theirs.Rules));
        Assert.NotEqual(ours.ValuePerRoll, theirs.ValuePerRoll);
        Assert.Equal(By(Aim.Finish, Core.Scoring.Ruleset.Federation).Spots[0].GainPerRoll, By(Aim.Finish, grappling).Spots[0].GainPerRoll);
    }

    [Fact]
    public void A_log_of_own_terms_alone_is_answered()
    {
        var notch = new Notch
        {
            By = Who.Partner,
            Move = new("our-pass"),
            From = new("our-guard/bottom"),
            To = new("our-pin/bottom"),
            Outcome = Outcome.Landed,
        };
        var rolls = Enumerable
            .Range(0, 6)
            .Select(i => new Roll
            {
                Id = $"r{i}",
                Exchanges =
                [
                    new Exchange
                    {
                        Start = new("our-guard/bottom"),
                        Notches =
                        [
                            notch,
                            notch with
                            {
                                From = new("our-pin/bottom"),
                                To = null,
                                Move = new("our-choke"),
                                Outcome = Outcome.Tap,
                            },
                        ],
                    },
                ],
            });
        var ranking = WeakSpotRanking.Of(
            new Log
            {
                Sessions =
                [
                    new Session
                    {
                        Id = "s",
                        Date = new DateOnly(2026, 3, 2),
                        Rolls = [.. rolls],
                    },
                ],
            },
            MatVocabulary.BuiltIn,
            Aim.Finish
        );
        Assert.Equal(["our-choke", "our-pass"], ranking.Spots.Select(s => s.Way.Move?.Value).Order());
        Assert.True(ranking.ValuePerRoll < 0);
        Assert.Contains("our guard", ranking.Spots.Single(s => s.Way.Move?.Value == "our-pass").Say, StringComparison.Ordinal);
    }
}
