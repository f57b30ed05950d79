using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class SayingTests
{
    private static readonly WeakSpot Theirs = new()
    {
        Rank = 1,
        Way = new Way(new("half-guard/bottom"), Who.Partner, new("knee-cut-pass")),
        To = ["side-control/bottom"],
        GainPerRoll = 0.4213,
        Low = 0.3,
        High = 0.6,
        FirstShare = 0.7,
        GainAgainstEven = 0.35,
        VisitsPerRoll = 1.26,
        Rate = 0.31,
        Worth = -5.96,
        Count = 12,
        Attempts = 15,
        Steps = 40,
        Partners = ["a", "b"],
        Rolls = ["r"],
        InRolls = 1,
        Say = "",
        Why = new Why("", "", "", "", ""),
    };

    private static string Say(WeakSpot spot, Aim aim = Aim.Points) => Saying.Of(spot, aim, MatVocabulary.BuiltIn);

    [Fact]
    public void A_move_of_theirs_is_said_with_its_place_and_gain() =>
        Assert.Equal("They pass your half guard with the knee cut. Half of those stopped: about 0.4 points a roll.", Say(Theirs));

    [Fact]
    public void A_tap_is_finished_not_landed() =>
        Assert.Equal(
            "They finish the americana from their side control. Half of those stopped: about one tap in 16 rolls.",
            Say(
                Theirs with
                {
                    Way = new Way(new("side-control/bottom"), Who.Partner, new("americana")),
                    To = ["tap"],
                    GainPerRoll = 0.0612,
                },
                Aim.Finish
            )
        );

    [Fact]
    public void A_change_that_nobody_named_is_said_by_where_it_leads() =>
        Assert.Equal(
            "They get to their mount from their side control. Half of those stopped: about 0.4 points a roll.",
            Say(Theirs with { Way = new Way(new("side-control/bottom"), Who.Partner, null, new("mount/bottom")), To = ["mount/bottom"] })
        );

    [Fact]
    public void A_move_of_mine_is_said_with_how_often_it_came_off() =>
        Assert.Equal(
            "Your single leg on the feet came off 3 times in 9. Twice as many: about 0.4 points a roll.",
            Say(Theirs with { Way = new Way(new("standing/neutral"), Who.Me, new("single-leg")), Count = 3, Attempts = 9 })
        );

    [Fact]
    public void A_finish_that_nobody_named_is_said_as_one() =>
        Assert.Equal(
            "They finish you from their mount. Half of those stopped: about 0.4 taps a roll. Where it began was not said twice; this is the likeliest place.",
            Say(Theirs with { Way = new Way(new("mount/bottom"), Who.Partner, null), To = ["tap"], Supposed = 2 }, Aim.Finish)
        );

    [Theory]
    [InlineData(0.2, "about 0.2 taps a roll")]
    [InlineData(0.05, "about one tap in 20 rolls")]
    [InlineData(0.0123, "about one tap in 80 rolls")]
    [InlineData(0.004, "about one tap in 250 rolls")]
    [InlineData(0.001, "next to nothing in taps")]
    public void A_small_gain_is_one_in_so_many_rolls(double gain, string words) => Assert.Equal(words, Saying.Gain(gain, Aim.Finish));

    [Theory]
    [InlineData(1, "Seen only once so far.")]
    [InlineData(2, "Seen only twice so far.")]
    [InlineData(4, "Seen only 4 times so far.")]
    public void Few_sightings_are_said_aloud(int attempts, string words) =>
        Assert.EndsWith(words, Say(Theirs with { Attempts = attempts }), StringComparison.Ordinal);

    [Fact]
    public void The_reasons_carry_their_counts()
    {
        var why = Saying.Why(Theirs, Aim.Points, MatVocabulary.BuiltIn);
        Assert.Equal("Something is tried in your half guard about 1.3 times a roll; 40 logged.", why.Often);
        Assert.Equal("It is what comes off about 31 times in 100 there; it happened 12 times, with 2 partners.", why.Likely);
        Assert.Equal("Each time it costs about 6.0 points by the end of the roll, against what else happens there.", why.Costly);
        Assert.Contains(
            "came off 12 times in 15 tries",
            Saying.Why(Theirs with { Way = Theirs.Way with { By = Who.Me }, Worth = 2 }, Aim.Points, MatVocabulary.BuiltIn).Likely,
            StringComparison.Ordinal
        );
        Assert.StartsWith(
            "Each time it earns about 2.0 taps",
            Saying.Why(Theirs with { Way = Theirs.Way with { By = Who.Me }, Worth = 2 }, Aim.Finish, MatVocabulary.BuiltIn).Costly,
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("half-guard/bottom", Who.Partner, "knee-cut-pass", null, "Stop the knee cut pass from your half guard.")]
    [InlineData("standing/neutral", Who.Me, "double-leg", null, "Land your double leg on the feet.")]
    [InlineData("side-control/bottom", Who.Partner, null, "mount/bottom", "Stop getting to their mount from their side control.")]
    [InlineData("clinch/neutral", Who.Partner, "my-gyms-trip", null, "Stop the my gyms trip in the clinch.")]
    public void A_focus_says_what_to_do(string from, Who by, string? move, string? to, string words) =>
        Assert.Equal(words, WayWords.AsWork(new Way(new(from), by, MoveId.Of(move), PlaceId.Of(to)), MatVocabulary.BuiltIn));

    [Theory]
    [InlineData(Outcome.Landed, "They landed the knee cut pass: your half guard to their side control")]
    [InlineData(Outcome.Stopped, "They tried the knee cut pass, stopped: your half guard to their side control")]
    [InlineData(Outcome.Abandoned, "They tried the knee cut pass, gave it up: your half guard to their side control")]
    [InlineData(Outcome.Near, "They nearly had the knee cut pass: your half guard to their side control")]
    [InlineData(Outcome.Threatened, "They threatened the knee cut pass: your half guard to their side control")]
    [InlineData(Outcome.Tap, "They finished the knee cut pass: your half guard to their side control")]
    public void A_notch_is_read_out_by_its_outcome(Outcome outcome, string words) =>
        Assert.Equal(
            words,
            NotchWords.Of(
                new Notch
                {
                    By = Who.Partner,
                    Move = new("knee-cut-pass"),
                    From = new("half-guard/bottom"),
                    To = new("side-control/bottom"),
                    Outcome = outcome,
                },
                MatVocabulary.BuiltIn
            )
        );

    [Fact]
    public void A_notch_with_little_told_is_read_out_with_what_there_is()
    {
        static string Words(Notch notch) => NotchWords.Of(notch, MatVocabulary.BuiltIn);
        Assert.Equal(
            "You moved on, to your mount",
            Words(
                new Notch
                {
                    By = Who.Me,
                    To = new("mount/top"),
                    Outcome = Outcome.Landed,
                }
            )
        );
        Assert.Equal("You got the tap", Words(new Notch { By = Who.Me, Outcome = Outcome.Tap }));
        Assert.Equal(
            "You landed the sweep (left), from your half guard, they let it happen, unsure",
            Words(
                new Notch
                {
                    By = Who.Me,
                    Move = new("sweep"),
                    From = new("half-guard/bottom"),
                    Outcome = Outcome.Landed,
                    Side = BodySide.Left,
                    Given = Who.Partner,
                    Unsure = true,
                }
            )
        );
    }
}
