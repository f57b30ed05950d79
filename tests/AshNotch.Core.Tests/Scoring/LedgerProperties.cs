using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;
using FsCheck;
using FsCheck.Fluent;
using Outcome = AshNotch.Core.Rolls.Outcome;

namespace AshNotch.Core.Tests.Scoring;

/// <summary>What holds of every ledger, on rolls made at random, sensible or not (FsCheck).</summary>
public class LedgerProperties
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;
    private static readonly PlaceId?[] Places = [null, .. Mat.Places.Select(p => (PlaceId?)p.Id)];
    private static readonly MoveId?[] Moves = [null, null, .. Mat.Moves.Select(m => (MoveId?)m.Id)];

    private static readonly Gen<Notch> Notches =
        from who in Gen.Elements(Who.Me, Who.Partner)
        from move in Gen.Elements(Moves)
        from start in Gen.Elements(Places)
        from end in Gen.Elements(Places)
        from outcome in Gen.Elements(Outcome.Landed, Outcome.Landed, Outcome.Landed, Outcome.Near, Outcome.Stopped, Outcome.Tap)
        from held in Gen.Elements<bool?>(null, true, false)
        select new Notch
        {
            By = who,
            Move = move,
            From = start,
            To = end,
            Outcome = outcome,
            Held = held,
        };

    private static readonly Gen<Roll> Rolls =
        from kind in Gen.Elements(RollKind.Match, RollKind.Free)
        from exchanges in Gen.ListOf(Gen.ListOf(Notches, 8), 2)
        from penalties in Gen.ListOf(Gen.Elements(Who.Me, Who.Partner))
        select new Roll
        {
            Id = "r",
            Kind = kind,
            Minutes = 10,
            Exchanges = [.. exchanges.Select(e => new Exchange { Notches = [.. e] })],
            Penalties = [.. penalties.Select(p => new Penalty(p, null, null))],
        };

    private static void Holds(Action<Roll, MatchRules> check) =>
        Prop.ForAll(
                Rolls.ToArbitrary(),
                roll =>
                {
                    foreach (var rules in Rulesets.Matches)
                        check(roll, rules);
                }
            )
            .Check(Config.QuickThrowOnFailure.WithMaxTest(300).WithReplay(17, 1));

    private static Ledger Of(Roll roll, MatchRules rules) => Ledger.Of(roll, rules, Mat);

    [Fact]
    public void Totals_are_the_sum_of_the_lines() =>
        Holds(
            (roll, rules) =>
            {
                var ledger = Of(roll, rules);
                foreach (var who in Enum.GetValues<Who>())
                {
                    var lines = ledger.Lines.Where(l => l.By == who).ToList();
                    Assert.Equal(
                        new ScoreTotal(lines.Sum(l => l.Points), lines.Sum(l => l.Advantages), lines.Sum(l => l.Penalties)),
                        ledger.State.Of(who)
                    );
                }
            }
        );

    [Fact]
    public void Swapping_the_two_swaps_the_ledger() =>
        Holds(
            (roll, rules) =>
            {
                var (one, other) = (Of(roll, rules), Of(Swapped(roll), rules));
                Assert.Equal((one.State.Me, one.State.Partner), (other.State.Partner, other.State.Me));
                Assert.Equal(one.Leader?.Other(), other.Leader);
                Assert.Equal(one.By, other.By);
                Assert.Equal(one.Flips.Select(f => (f.By.Other(), f.Event)).Order(), other.Flips.Select(f => (f.By, f.Event)).Order());
            }
        );

    [Fact]
    public void What_is_only_threatened_changes_nothing() =>
        Holds(
            (roll, rules) =>
            {
                var threatened = new Notch
                {
                    By = Who.Partner,
                    Move = new("single-leg"),
                    Outcome = Outcome.Threatened,
                };
                var more = roll with
                {
                    Exchanges =
                    [
                        .. roll.Exchanges.Select(e =>
                            e with
                            {
                                Start = Whereabouts.StartOf(e),
                                Notches = [.. e.Notches.SelectMany(n => new[] { threatened, n }), threatened],
                            }
                        ),
                    ],
                };
                var before = roll with { Exchanges = [.. roll.Exchanges.Select(e => e with { Start = Whereabouts.StartOf(e) })] };
                Assert.Equal(Of(before, rules).State, Of(more, rules).State);
            }
        );

    [Fact]
    public void What_was_not_held_never_scores_more_than_what_was() =>
        Holds(
            (roll, rules) =>
            {
                for (var e = 0; e < roll.Exchanges.Count; e++)
                for (var n = 0; n < roll.Exchanges[e].Notches.Count; n++)
                    foreach (var who in Enum.GetValues<Who>())
                        Assert.True(
                            PointsAt(With(roll, e, n, false), rules, e, n, who) <= PointsAt(With(roll, e, n, true), rules, e, n, who)
                        );
            }
        );

    private static int PointsAt(Roll roll, MatchRules rules, int exchange, int notch, Who who) =>
        Of(roll, rules).Lines.Where(l => l.Exchange == exchange && l.Notch == notch && l.By == who).Sum(l => l.Points);

    private static Roll With(Roll roll, int exchange, int notch, bool held) =>
        roll with
        {
            Exchanges =
            [
                .. roll.Exchanges.Select(
                    (x, e) => x with { Notches = [.. x.Notches.Select((m, n) => (e, n) == (exchange, notch) ? m with { Held = held } : m)] }
                ),
            ],
        };

    private static Roll Swapped(Roll roll) =>
        roll with
        {
            Exchanges =
            [
                .. roll.Exchanges.Select(e =>
                    e with
                    {
                        Start = e.Start?.Mirror,
                        Notches = [.. e.Notches.Select(n => n with { By = n.By.Other(), From = n.From?.Mirror, To = n.To?.Mirror })],
                    }
                ),
            ],
            Penalties = [.. roll.Penalties.Select(p => p with { By = p.By.Other() })],
        };
}
