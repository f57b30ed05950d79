using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Review;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Drilling;

/// <summary>Whether a block was done, whether it changed anything, and what is proposed next.</summary>
public class ReviewTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;
    private static readonly DateOnly First = new(2026, 1, 5);
    private static readonly DateOnly Start = First.AddDays(56);
    private static readonly Way KneeCut = new(new("half-guard/bottom"), Who.Partner, new("knee-cut-pass"));
    private static readonly Notch Sweep = new()
    {
        By = Who.Me,
        Move = new("old-school-sweep"),
        From = new("half-guard/bottom"),
        To = new("side-control/top"),
        Outcome = Outcome.Landed,
    };

    // Two rolls a day, three days a week: of six times in half guard so many end in their knee cut, the others in my sweep.
    private static Log Log(int weeks, Func<int, int> cuts, Func<int, Intensity?>? pace = null) =>
        new()
        {
            Sessions =
            [
                .. Enumerable
                    .Range(0, weeks)
                    .SelectMany(w =>
                        Enumerable
                            .Range(0, 3)
                            .Select(d => new Session
                            {
                                Id = $"s{w}-{d}",
                                Date = First.AddDays(7 * w + 2 * d),
                                Rolls =
                                [
                                    .. Enumerable
                                        .Range(2 * d, 2)
                                        .Select(i => new Roll
                                        {
                                            Id = $"r{w}-{i}",
                                            Kind = pace?.Invoke(w) is null ? RollKind.Free : RollKind.Positional,
                                            Intensity = pace?.Invoke(w),
                                            Exchanges = [new Exchange { Notches = [i < cuts(w) ? Trade.KneeCut : Sweep] }],
                                        }),
                                ],
                            })
                    ),
            ],
        };

    private static Judged Judge(Log log) => Judged.Of(KneeCut, Start, DateOnly.MaxValue, Experience.OfBefore(Start, log, Mat))!;

    [Fact]
    public void What_really_fell_is_called_changed_and_what_stayed_is_not()
    {
        var fell = Judge(Log(12, w => w < 8 ? 5 : 1));
        Assert.Equal(4, fell.Observed);
        Assert.InRange(fell.Expected, 14, 22);
        Assert.InRange(fell.Better, Judged.Called, 1);
        Assert.InRange(Judge(Log(12, _ => 5)).Better, 0.2, 0.8);
        Assert.InRange(Judge(Log(12, w => w < 8 ? 1 : 5)).Better, 0, 1 - Judged.Called);
    }

    [Fact]
    public void Nothing_since_is_learned_from()
    {
        var after = Judge(Log(12, w => w < 8 ? 5 : 1));
        var longer = Judge(Log(12, w => w < 8 ? 5 : 5));
        Assert.Equal(after.Expected, longer.Expected, 9);
    }

    [Fact]
    public void Practice_leaves_the_review_as_it_was_to_the_last_digit()
    {
        var log = Log(12, w => w < 8 ? 5 : 2);
        var drilled = Log(12, _ => 6, _ => Intensity.Light).Sessions.Select(s => s with { Id = "drill " + s.Id });
        var with = log with { Sessions = [.. log.Sessions.Concat(drilled).OrderBy(s => s.Date)] };
        Assert.Equal(Judge(log), Judge(with));
    }

    [Fact]
    public void Too_little_is_said_to_be_too_little_and_a_move_nobody_named_cannot_be_judged()
    {
        Assert.True(Judged.Of(KneeCut, Start, Start.AddDays(1), Experience.OfBefore(Start, Log(12, _ => 2), Mat))!.TooLittle);
        var before = Experience.OfBefore(Start, Log(12, _ => 2), Mat);
        Assert.Null(Judged.Of(KneeCut with { Move = null, To = new("side-control/bottom") }, Start, DateOnly.MaxValue, before));
        Assert.Null(Judged.Of(KneeCut with { From = new("mount/bottom") }, Start, DateOnly.MaxValue, before));
    }

    [Theory]
    [InlineData(1, 12, Verdict.Keep, "It changed")]
    [InlineData(5, 12, Verdict.Rotate, "No clear change")]
    [InlineData(5, 2, Verdict.Deepen, "No clear change")]
    public void What_was_done_and_what_it_changed_lead_to_what_is_proposed(int cuts, int days, Verdict proposed, string changed)
    {
        var log = Log(12, w => w < 8 ? 5 : cuts);
        var block = new Block("b", Start, Start.AddDays(27), [new BlockFocus(KneeCut, 0.5, 0.3, 0.7, false, "")], null);
        var week = MyWeek.Of([DayOfWeek.Monday, DayOfWeek.Wednesday, DayOfWeek.Friday], 20);
        var done = week.Sessions(block.Start, block.End)
            .Take(days)
            .Select(s => new DrilledSession(
                "b",
                s.Date,
                [new DrilledRound(0, Core.Drilling.Rounds.Rung.FromThePlace, 10, new DrilledStarts(6, 4), [new CheckCount("c", 3, 5)])]
            ));
        var ranking = WeakSpotRanking.Of(log, Mat, Aim.Points) with { Spots = [] };
        if (proposed != Verdict.Keep)
            ranking = WeakSpotRanking.Of(log, Mat, Aim.Points);
        var review = Reviewing.Of(block, done, week, log, Aim.Points, ranking, block.End, Mat);
        Assert.StartsWith(
            $"Drilled on {days} days of 12; {days} rounds, {10 * days} minutes; {6 * days} of",
            review.Done,
            StringComparison.Ordinal
        );
        var focus = Assert.Single(review.Focuses);
        Assert.StartsWith(changed, focus.Changed, StringComparison.Ordinal);
        Assert.Equal(proposed, focus.Proposed);
        Assert.StartsWith("It was to bring about 0.5 points a roll; what changed", focus.Brought, StringComparison.Ordinal);
    }

    [Fact]
    public void A_block_ended_before_its_first_day_was_not_drilled()
    {
        var log = Log(8, _ => 5);
        var block = new Block("b", Start, Start.AddDays(27), [new BlockFocus(KneeCut, 0.5, 0.3, 0.7, false, "")], null);
        var ranking = WeakSpotRanking.Of(log, Mat, Aim.Points);
        var review = Reviewing.Of(block, [], MyWeek.Of([Start.AddDays(1).DayOfWeek], 20), log, Aim.Points, ranking, Start, Mat);
        Assert.StartsWith("None of its days has come yet", review.Done, StringComparison.Ordinal);
        Assert.StartsWith("It was hardly drilled yet", Assert.Single(review.Focuses).Why, StringComparison.Ordinal);
    }
}
