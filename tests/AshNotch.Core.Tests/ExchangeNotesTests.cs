using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class ExchangeNotesTests
{
    private static readonly Notch Sweep = new()
    {
        By = Who.Me,
        Move = new("old-school-sweep"),
        From = new("half-guard/bottom"),
        To = new("side-control/top"),
        Outcome = Outcome.Landed,
    };

    private static readonly Notch Stopped = Sweep with { Outcome = Outcome.Stopped, To = null };

    private static Log Rolls(params Notch[][] rolls) =>
        new()
        {
            Sessions =
            [
                .. rolls.Select(
                    (notches, i) =>
                        new Session
                        {
                            Id = $"s{i}",
                            Date = new DateOnly(2026, 3, 2).AddDays(i),
                            Rolls = [new Roll { Id = $"r{i}", Exchanges = [new Exchange { Notches = notches }] }],
                        }
                ),
            ],
        };

    private static IReadOnlyList<string> Notes(Log log)
    {
        var experience = Experience.Of(log, MatVocabulary.BuiltIn);
        var values = PlaceValues.Of(experience, Aim.Points);
        return ExchangeNotes.Of(experience, values, new Way(Sweep.From!.Value, Who.Me, Sweep.Move));
    }

    private static Notch[][] Times(int count, params Notch[] notches) => [.. Enumerable.Repeat(notches, count)];

    /// <summary>Fisher's lady tasting tea: 3 of 4 right, one-sided p = 17/70.</summary>
    [Fact]
    public void Fishers_tea_is_seventeen_in_seventy() => Assert.Equal(17.0 / 70, Fisher.OneSided(3, 4, 1, 4), 12);

    [Fact]
    public void A_try_has_its_worth_the_stopped_ones_counted_in()
    {
        var note = Assert.Single(Notes(Rolls([.. Times(3, Sweep), .. Times(3, Stopped)])));
        Assert.StartsWith("A try, stopped or not, moves the roll by +", note, StringComparison.Ordinal);
        Assert.EndsWith("over 6 tries.", note, StringComparison.Ordinal);
    }

    [Fact]
    public void Sides_are_told_apart_only_with_counts_that_chance_would_not_bring()
    {
        var left = Sweep with { Side = BodySide.Left };
        var right = Stopped with { Side = BodySide.Right };
        Assert.Contains(
            "It comes off 6 times in 6 on the left, 0 times in 6 on the right.",
            Notes(Rolls([.. Times(6, left), .. Times(6, right)]))
        );
        Assert.DoesNotContain(Notes(Rolls([.. Times(4, left), .. Times(4, right)])), n => n.Contains("left", StringComparison.Ordinal));
    }

    [Fact]
    public void What_a_favourite_lays_open_is_named_against_what_is_usual_there()
    {
        var answer = Trade.KneeCut;
        var other = Stopped with { Move = new("scissor-sweep") };
        var notes = Notes(Rolls([.. Times(8, Stopped, answer), .. Times(8, other)]));
        Assert.Contains(
            notes,
            n =>
                n.StartsWith(
                    "It lays you open: 8 times in 8 they land something within two steps, mostly the knee cut pass",
                    StringComparison.Ordinal
                )
        );
        Assert.DoesNotContain(Notes(Rolls([.. Times(8, Stopped), .. Times(8, other)])), n => n.Contains("open", StringComparison.Ordinal));
    }
}
