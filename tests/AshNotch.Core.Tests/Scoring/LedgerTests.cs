using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Scoring;

/// <summary>
/// Cases of a referee. Sources, from memory: the IBJJF rule book for the federation's, the ADCC rules for submission grappling. "Me" plays
/// throughout; that the other side is scored alike is a test of its own.
/// </summary>
public class LedgerTests
{
    private const string Down = "me double-leg standing/neutral>open-guard/top";
    private const string Pass = "me knee-cut-pass open-guard/top>side-control/top";
    private const string Knee = "me - side-control/top>knee-on-belly/top";
    private const string Mount = "me - side-control/top>mount/top";
    private const string Sweep = "me scissor-sweep closed-guard/bottom>open-guard/top";
    private const string Back = "me back-take turtle/top>back-control/top";

    [Theory]
    // One event each.
    [InlineData("federation-gi", Down, "2-0 me by points")]
    [InlineData("federation-gi", Sweep, "2-0 me by points")]
    [InlineData("federation-gi", Pass, "3-0 me by points")]
    [InlineData("federation-gi", Knee, "2-0 me by points")]
    [InlineData("federation-gi", Mount, "4-0 me by points")]
    [InlineData("federation-gi", Back, "4-0 me by points")]
    [InlineData("submission-grappling", Mount, "2-0 me by points")]
    [InlineData("submission-grappling", Back, "3-0 me by points")]
    [InlineData("submission-only", Pass + "|" + Mount, "0-0 level by none")]
    // Chains.
    [InlineData("federation-gi", Pass + "|" + Mount, "7-0 me by points")]
    [InlineData("federation-gi", Pass + " -held|" + Mount + " +held", "7-0 me by points")]
    [InlineData("federation-gi", Pass + " +held|" + Mount + " -held", "3-0 a1-0 me by points")]
    [InlineData("federation-gi", Pass + " -held|" + Mount + " -held", "0-0 a2-0 me by advantages")]
    [InlineData("federation-gi", Pass + "|" + Knee + "|me - knee-on-belly/top>mount/top", "9-0 me by points")]
    [InlineData("federation-gi", "me knee-cut-pass open-guard/top>mount/top", "7-0 me by points")]
    [InlineData("federation-gi", "me knee-cut-pass open-guard/top>mount/top -held", "0-0 a1-0 me by advantages")]
    [InlineData("federation-gi", "me scissor-sweep closed-guard/bottom>mount/top", "6-0 me by points")]
    [InlineData("federation-gi", Mount + "|me - mount/top>back-control/top", "8-0 me by points")]
    // Mount, back to knee on belly by choice, mount again: no second four.
    [InlineData(
        "federation-gi",
        Knee + "|me - knee-on-belly/top>mount/top|me - mount/top>knee-on-belly/top|me - knee-on-belly/top>mount/top",
        "6-0 me by points"
    )]
    [InlineData("federation-gi", Mount + "|me - mount/top>s-mount/top", "4-0 me by points")]
    // The other got out in between: it scores again.
    [InlineData(
        "federation-gi",
        Mount + "|partner elbow-escape mount/top>half-guard/top|me - half-guard/top>mount/top",
        "11-0 me by points"
    )]
    [InlineData("federation-gi", Mount + "|partner escape mount/top>side-control/top|" + Mount, "8-0 me by points")]
    // Each exchange begins a new sequence.
    [InlineData("federation-gi", Mount + "||" + Mount, "8-0 me by points")]
    // Held or not.
    [InlineData("federation-gi", Knee + " 1s|partner escape knee-on-belly/top>half-guard/top", "0-0 a1-0 me by advantages")]
    [InlineData("federation-gi", Knee + " 3s|partner escape knee-on-belly/top>half-guard/top", "2-0 me by points")]
    [InlineData("federation-gi", Sweep + " -held|partner scissor-sweep open-guard/top>open-guard/bottom", "0-2 a1-0 partner by points")]
    [InlineData("federation-gi", Pass + " @1:00|partner guard-recovery side-control/top>open-guard/top @1:02", "0-0 a1-0 me by advantages")]
    [InlineData("federation-gi", Pass + " @1:00|partner guard-recovery side-control/top>open-guard/top @1:03", "3-0 me by points")]
    [InlineData("federation-gi", Back + " -held", "0-0 a1-0 me by advantages")]
    [InlineData("submission-grappling", Pass + " -held", "0-0 level by referee")]
    // Near.
    [InlineData("federation-gi", "me knee-cut-pass open-guard/top near", "0-0 a1-0 me by advantages")]
    [InlineData("federation-gi", "me armbar mount/top near", "0-0 a1-0 me by advantages")]
    [InlineData("federation-gi", "me armbar mount/top stopped", "0-0 level by referee")]
    [InlineData("submission-grappling", "me armbar mount/top near", "0-0 level by referee")]
    // Takedowns: for the one who starts it.
    [InlineData(
        "federation-gi",
        "partner single-leg standing/neutral stopped|me - standing/neutral>open-guard/top",
        "0-0 level by referee"
    )]
    [InlineData(
        "federation-gi",
        "partner single-leg standing/neutral stopped|me - standing/neutral>turtle/top|" + Back,
        "4-0 me by points"
    )]
    [InlineData(
        "federation-gi",
        "partner single-leg standing/neutral stopped|me uchi-mata standing/neutral>side-control/top",
        "2-0 me by points"
    )]
    [InlineData("federation-gi", "me double-leg standing/neutral>mount/top", "6-0 me by points")]
    [InlineData("federation-gi", "me - standing/neutral>back-control/top", "4-0 me by points")]
    [InlineData("federation-gi", "partner guillotine standing/neutral near|" + Down, "0-0 a0-1 partner by advantages")]
    // Guard pulled: no takedown; the pass scores.
    [InlineData(
        "federation-gi",
        "partner guard-pull standing/neutral>closed-guard/top|me knee-cut-pass closed-guard/top>side-control/top",
        "3-0 me by points"
    )]
    [InlineData("federation-gi", "partner guard-pull standing/neutral>open-guard/top|" + Down, "0-0 level by referee")]
    [InlineData(
        "federation-gi",
        "me double-leg standing/neutral stopped|partner guard-pull standing/neutral>open-guard/top|" + Down,
        "2-0 me by points"
    )]
    // What scores nothing.
    [InlineData("federation-gi", "me bridge-and-roll mount/bottom>closed-guard/top", "0-0 level by referee")]
    [InlineData("federation-gi", "me stand-up-escape open-guard/bottom>standing/neutral", "0-0 level by referee")]
    [InlineData("federation-gi", "me - turtle/top>body-triangle/top", "0-0 level by referee")]
    [InlineData("federation-gi", "me - turtle/top>body-triangle/top|me - body-triangle/top>back-control/top", "4-0 me by points")]
    [InlineData("submission-grappling", "me - turtle/top>body-triangle/top", "3-0 me by points")]
    [InlineData("federation-gi", "partner - half-guard/top>dogfight/neutral|me - dogfight/neutral>half-guard/top", "0-0 level by referee")]
    [InlineData("federation-gi", "me - half-guard/bottom>dogfight/neutral|me - dogfight/neutral>half-guard/top", "2-0 me by points")]
    [InlineData(
        "federation-gi",
        "me - half-guard/bottom>dogfight/neutral|partner guard-pass dogfight/neutral>side-control/bottom",
        "0-3 partner by points"
    )]
    // Past the guard: four in submission grappling.
    [InlineData("submission-grappling", "me double-leg standing/neutral>side-control/top", "4-0 me by points")]
    [InlineData("submission-grappling", "me scissor-sweep closed-guard/bottom>side-control/top", "4-0 me by points")]
    [InlineData("submission-grappling", Down, "2-0 me by points")]
    // Taps.
    [InlineData("federation-gi", Pass + "|partner armbar side-control/top tap|" + Mount, "3-0 partner by tap")]
    public void A_match_is_scored(string rules, string told, string expected) =>
        Assert.Equal(expected, Told.Say(Told.Scored(Told.Roll(told), rules)));

    [Theory]
    // Ten minutes: no points before 5:00, and a guard pulled after it takes one off.
    [InlineData("me knee-cut-pass open-guard/top>side-control/top @4:59", "0-0 level by referee")]
    [InlineData("me knee-cut-pass open-guard/top>side-control/top @5:00", "3-0 me by points")]
    [InlineData("me knee-cut-pass open-guard/top>side-control/top|me armbar side-control/top stopped @3:00", "0-0 level by referee")]
    [InlineData("me guard-pull standing/neutral>open-guard/bottom @2:00", "0-0 level by referee")]
    [InlineData("me guard-pull standing/neutral>open-guard/bottom @6:00", "-1-0 partner by points")]
    public void Submission_grappling_counts_points_from_half_time(string told, string expected) =>
        Assert.Equal(expected, Told.Say(Told.Scored(Told.Roll(told, minutes: 10), "submission-grappling")));

    [Fact]
    public void Without_a_time_both_halves_are_said()
    {
        var line = Assert.Single(Told.Scored(Told.Roll(Pass), "submission-grappling").Lines);
        Assert.StartsWith(
            "Past the legs to a pin, if it was in the second half; in the first it is nothing.",
            line.Why,
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData(1, "0-0 p1-0 partner by penalties")]
    [InlineData(2, "0-0 a0-1 p2-0 partner by advantages")]
    [InlineData(3, "0-2 a0-1 p3-0 partner by points")]
    [InlineData(4, "0-2 a0-1 p4-0 partner by penalties")]
    public void Penalties_go_up_and_the_fourth_loses(int count, string expected)
    {
        var penalties = Enumerable.Repeat(new Penalty(Who.Me, null, "stalling"), count).ToList();
        Assert.Equal(expected, Told.Say(Told.Scored(Told.Roll("me armbar mount/top stopped", penalties: penalties), "federation-gi")));
    }

    [Fact]
    public void The_fourth_penalty_loses_a_match_that_is_ahead_on_points()
    {
        var penalties = Enumerable.Repeat(new Penalty(Who.Me, null, null), 4).ToList();
        var ledger = Told.Scored(Told.Roll(Mount, penalties: penalties), "federation-gi");
        Assert.Equal("4-2 a0-1 p4-0 partner by penalties", Told.Say(ledger));
        Assert.Empty(ledger.Flips);
    }

    [Fact]
    public void A_tap_ends_a_match_and_no_training_roll()
    {
        const string Both = "partner armbar mount/bottom tap||" + Mount;
        Assert.Equal("0-0 partner by tap", Told.Say(Told.Scored(Told.Roll(Both), "federation-gi")));
        Assert.Equal("4-0 me by points", Told.Say(Told.Scored(Told.Roll(Both, RollKind.Free), "federation-gi")));
        Assert.Equal("0-0 level by none", Told.Say(Told.Scored(Told.Roll("me armbar mount/top stopped", RollKind.Free), "federation-gi")));
    }

    [Fact]
    public void What_nothing_says_of_counts_as_held_and_the_range_says_what_hangs_on_it()
    {
        var ledger = Told.Scored(Told.Roll(Down + " +held|" + Pass), "federation-gi");
        Assert.Equal((5, 2), (ledger.State.Me.Points, ledger.NotHeld.Me.Points));
        Assert.Contains("Nothing says whether it was held", ledger.Lines[1].Why, StringComparison.Ordinal);
        Assert.DoesNotContain("Nothing says", ledger.Lines[0].Why, StringComparison.Ordinal);
    }

    [Fact]
    public void Three_advantages_and_no_points_lose_to_one_sweep()
    {
        const string Near = "me knee-cut-pass open-guard/top near";
        var ledger = Told.Scored(Told.Roll($"{Near}|{Near}|{Near}"), "federation-gi");
        Assert.Equal("0-0 a3-0 me by advantages", Told.Say(ledger));
        var sweep = Assert.Single(ledger.Flips, f => f.Event == "sweep");
        Assert.Equal((Who.Partner, "A sweep puts them ahead, 2-0."), (sweep.By, sweep.Say));
        Assert.DoesNotContain(ledger.Flips, f => f.By == Who.Me);
        var after = Told.Scored(
            Told.Roll($"{Near}|{Near}|{Near}|partner scissor-sweep closed-guard/top>open-guard/bottom"),
            "federation-gi"
        );
        Assert.Equal("0-2 a3-0 partner by points", Told.Say(after));
    }

    [Fact]
    public void Seven_points_are_not_flipped_by_one_event()
    {
        var ledger = Told.Scored(Told.Roll($"{Pass} @4:30|{Mount} @4:36", minutes: 5), "federation-gi");
        Assert.Equal("7-0 me by points", Told.Say(ledger));
        Assert.Empty(ledger.Flips);
    }

    [Theory]
    [InlineData("4:50", true)]
    [InlineData("4:58", false)]
    public void With_less_left_than_a_place_is_held_no_place_flips_it(string at, bool flips)
    {
        var ledger = Told.Scored(Told.Roll($"{Sweep} @{at}", minutes: 5), "federation-gi");
        Assert.Equal(flips, ledger.Flips.Any(f => f.Event == "pass"));
    }

    [Theory]
    [InlineData("me bridge-and-roll mount/bottom>closed-guard/top", ScoredFor.Reversal, "reversal")]
    [InlineData(
        "partner single-leg standing/neutral stopped|me - standing/neutral>open-guard/top",
        ScoredFor.Takedown,
        "start the takedown"
    )]
    [InlineData("partner guard-pull standing/neutral>open-guard/top|" + Down, ScoredFor.Takedown, "pulled guard")]
    [InlineData("me - turtle/top>body-triangle/top", ScoredFor.Back, "body triangle")]
    [InlineData("partner guillotine standing/neutral near|" + Down, ScoredFor.Takedown, "caught in a submission")]
    [InlineData(Knee + " -held", ScoredFor.KneeOnBelly, "not held for 3 seconds")]
    public void What_does_not_score_says_why(string told, ScoredFor what, string why)
    {
        var line = Told.Scored(Told.Roll(told), "federation-gi").Lines[^1];
        Assert.Equal((what, 0), (line.For, line.Points));
        Assert.Contains(why, line.Why, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("adult", "white", 5.0)]
    [InlineData("adult", "black", 10.0)]
    [InlineData("master-1", "blue", 5.0)]
    [InlineData("master-1", "black", 6.0)]
    [InlineData("master-3", "brown", 5.0)]
    [InlineData("juvenile", "blue", null)]
    public void Matches_last_as_their_division_says(string age, string belt, double? minutes)
    {
        Assert.True(Term.TryRead<AgeDivision>(age, out var division));
        Assert.True(Term.TryRead<Belt>(belt, out var worn));
        Assert.Equal(minutes, Rulebook.Shipped.Match("federation-gi", null)!.MinutesFor(division, worn));
    }

    [Theory]
    [InlineData("federation", Attire.Gi, "federation-gi")]
    [InlineData("federation", Attire.NoGi, "federation-no-gi")]
    [InlineData("federation", null, "federation-gi")]
    [InlineData("house", null, "house")]
    [InlineData("submission-grappling", Attire.Gi, "submission-grappling")]
    public void Rules_are_found_by_their_id_or_their_family(string id, Attire? attire, string found) =>
        Assert.Equal(found, Rulebook.Shipped.Match(id, attire)?.Id);

    [Theory]
    [InlineData(
        "partner knee-cut-pass open-guard/bottom>side-control/bottom",
        "They lead 3-0.",
        "3-0, or 0-0 if nothing was held of which nothing says so."
    )]
    [InlineData(Pass + " +held", "You lead 3-0.", null)]
    [InlineData("partner armbar mount/bottom near", "They lead by advantages, 1-0; 0-0 in points.", null)]
    [InlineData("me armbar mount/top tap", "You won by the tap; 0-0 in points.", null)]
    [InlineData("me armbar mount/top stopped", "Level, 0-0: the referee decides.", null)]
    public void It_is_said_in_a_sentence_or_two(string told, string standing, string? ifNotHeld)
    {
        var ledger = Told.Scored(Told.Roll(told), "federation-gi");
        Assert.Equal((standing, ifNotHeld), (LedgerWords.Standing(ledger), LedgerWords.IfNotHeld(ledger)));
    }

    [Theory]
    [InlineData(Pass + " @2:00|" + Mount + " @1:00", "1:00 comes before 2:00, the time of one before it.")]
    [InlineData(Pass + " @2:00|" + Mount + " @6:30", "6:30 lies beyond the 6:00 that it lasted.")]
    [InlineData(Pass + " @2:00|" + Mount + " @3:00", null)]
    public void Times_that_do_not_go_together_are_said_and_the_rest_is_scored(string told, string? fault)
    {
        var ledger = Told.Scored(Told.Roll(told, minutes: 6), "federation-gi");
        Assert.Equal(fault, ledger.Faults.SingleOrDefault()?.Say);
        Assert.Equal("7-0 me by points", Told.Say(ledger));
    }

    [Theory]
    [InlineData("me - half-guard/top>our-own/top|" + Pass, "'our-own/top' is no place known here; nothing is scored by it.")]
    [InlineData(Pass + " 400s", "Held for 6:40, longer than the 6:00 that it lasted.")]
    public void What_cannot_be_is_said_at_its_notch_and_the_rest_is_scored(string told, string fault)
    {
        var ledger = Told.Scored(Told.Roll(told, minutes: 6), "federation-gi");
        Assert.Equal((0, fault), (ledger.Faults.Single().Notch, ledger.Faults.Single().Say));
        Assert.Equal("3-0 me by points", Told.Say(ledger));
    }

    [Fact]
    public void Two_times_of_one_notch_that_contradict_each_other_are_said()
    {
        var roll = Told.Roll(Pass + " @2:00", minutes: 6);
        var notch = roll.Notches.First() with { Remaining = new RollTime(60) };
        roll = roll with { Exchanges = [new Exchange { Notches = [notch] }] };
        Assert.Equal("At 2:00 with 1:00 left do not make 6:00.", Assert.Single(Told.Scored(roll, "federation-gi").Faults).Say);
    }

    [Fact]
    public void What_a_round_starts_in_is_had_and_not_scored_by_going_back_to_it()
    {
        var roll = Told.Roll("me - mount/top>knee-on-belly/top|me - knee-on-belly/top>mount/top", RollKind.Positional);
        Assert.Equal("2-0 me by points", Told.Say(Told.Scored(roll, "federation-gi")));
    }

    [Theory]
    [InlineData(3, 0, 0, "+3")]
    [InlineData(-1, 0, 1, "-1, penalty")]
    [InlineData(0, 1, 0, "+1 advantage")]
    [InlineData(0, 0, 0, "0")]
    public void What_a_line_brings_is_said(int points, int advantages, int penalties, string gained) =>
        Assert.Equal(gained, LedgerWords.Gained(new LedgerLine(0, 0, null, Who.Me, ScoredFor.Pass, points, advantages, penalties, "")));

    [Theory]
    [InlineData("me scissor-sweep closed-guard/bottom>turtle/top", "2-0 me by points")]
    [InlineData("me double-leg standing/neutral>turtle/top", "2-0 me by points")]
    [InlineData("me - standing/neutral>turtle/top", "0-0 level by referee")]
    public void Over_the_turtle_a_sweep_and_a_takedown_told_as_one_score(string told, string expected) =>
        Assert.Equal(expected, Told.Say(Told.Scored(Told.Roll(told), "federation-gi")));
}
