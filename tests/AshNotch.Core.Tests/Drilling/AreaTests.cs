using AshNotch.Core.Drilling.Areas;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Drilling;

/// <summary>How an area is rated, beside what the record says.</summary>
public class AreaTests
{
    private static readonly DateOnly Today = new(2026, 5, 1);

    private static Session Day(DateOnly date, params Who[] landed) =>
        new()
        {
            Id = $"s{date:MMdd}",
            Date = date,
            Rolls =
            [
                new Roll
                {
                    Id = $"r{date:MMdd}",
                    Exchanges = [new Exchange { Notches = [.. landed.Select(w => Trade.KneeCut with { By = w })] }],
                },
            ],
        };

    private static AreaRecord HalfGuard(Log log, params SelfRating[] ratings) =>
        Assert.Single(AreaRecord.Of(log, ratings, Today, MatVocabulary.BuiltIn), a => a.Area == Family.HalfGuard);

    private static readonly Log Log = new()
    {
        Sessions =
        [
            Day(new(2026, 2, 1), Who.Partner, Who.Partner, Who.Partner, Who.Partner, Who.Partner, Who.Me),
            Day(new(2026, 4, 1), Who.Me, Who.Me, Who.Me, Who.Me, Who.Me, Who.Partner),
        ],
    };

    [Fact]
    public void The_last_six_weeks_stand_beside_all_before_them()
    {
        var area = HalfGuard(Log);
        Assert.Equal((null, null), (area.Last, area.Before));
        Assert.Equal("Since 20 March you 5, they 1; before that you 1, they 5. More of it is yours than before.", area.Record);
    }

    [Fact]
    public void A_second_rating_is_held_against_what_came_since_the_first()
    {
        var first = new SelfRating(new(2026, 1, 1), Family.HalfGuard, 6);
        var second = new SelfRating(Today, Family.HalfGuard, 3);
        var area = HalfGuard(Log, first, second);
        Assert.Equal((second, first), (area.Last, area.Before));
        Assert.Equal("Since 1 January you 6, they 6; before that you 0, they 0.", area.Record);
    }

    [Fact]
    public void What_was_practised_let_or_only_tried_is_no_record()
    {
        var practice = Day(new(2026, 4, 2), Who.Me) with { Id = "p" };
        var log = new Log
        {
            Sessions =
            [
                practice with
                {
                    Rolls = [.. practice.Rolls.Select(r => r with { Kind = RollKind.Drill })],
                },
                new Session
                {
                    Id = "s",
                    Rolls =
                    [
                        new Roll
                        {
                            Id = "r",
                            Exchanges =
                            [
                                new Exchange
                                {
                                    Notches = [Trade.KneeCut with { Given = Who.Me }, Trade.KneeCut with { Outcome = Outcome.Stopped }],
                                },
                            ],
                        },
                    ],
                },
            ],
        };
        Assert.Empty(AreaRecord.Of(log, [], Today, MatVocabulary.BuiltIn));
        Assert.Equal("Nothing came off there yet, either way.", HalfGuard(log, new SelfRating(Today, Family.HalfGuard, 5)).Record);
    }
}
