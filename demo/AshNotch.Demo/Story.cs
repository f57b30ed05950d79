using AshNotch.Core.Drilling;
using AshNotch.Core.Drilling.Areas;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Demo;

/// <summary>What the invented practitioner drilled: a sweep, which came; an escape, which did not; and now the knee cut.</summary>
public static class Story
{
    private static readonly PlaceId HalfGuard = new("half-guard/bottom");
    private static readonly PlaceId SideControl = new("side-control/bottom");

    /// <summary>The week, the three blocks, and what was done of them.</summary>
    public static Drills Drills { get; } =
        new()
        {
            Week = MyWeek.Of([DayOfWeek.Monday, DayOfWeek.Wednesday, DayOfWeek.Saturday], 20),
            Blocks =
            [
                new Block(
                    "sweep",
                    new DateOnly(2026, 10, 7),
                    new DateOnly(2026, 10, 27),
                    [Chosen(new Way(HalfGuard, Who.Me, new("old-school-sweep")), 0.31, 0.12, 0.5, "It was never tried live.")],
                    null,
                    Verdict.Keep
                ),
                new Block(
                    "escape",
                    new DateOnly(2026, 10, 28),
                    new DateOnly(2026, 11, 15),
                    [Chosen(new Way(SideControl, Who.Me, new("elbow-escape")), 0.24, 0.1, 0.41, "It came off 5 of 9 times.")],
                    "My coach asked for it.",
                    Verdict.Rotate
                ),
                new Block(
                    "knee-cut",
                    new DateOnly(2026, 11, 16),
                    new DateOnly(2026, 12, 6),
                    [
                        Chosen(new Way(HalfGuard, Who.Partner, new("knee-cut-pass")), 0.45, 0.32, 0.61, "It happens most."),
                        Chosen(new Way(SideControl, Who.Partner, new("back-take")), 0.26, 0.12, 0.44, "It follows the knee cut."),
                    ],
                    null
                ),
            ],
            Done =
            [
                .. Days("sweep", new DateOnly(2026, 10, 7), 9, 6, "underhook deep"),
                .. Days("escape", new DateOnly(2026, 10, 28), 7, 5, "frames first"),
                .. Days("knee-cut", new DateOnly(2026, 11, 16), 3, 4, "frame before the crossface"),
            ],
            Ratings =
            [
                .. Rated(new DateOnly(2026, 10, 6), (Family.Back, 5), (Family.HalfGuard, 6), (Family.Pin, 3), (Family.Standing, 4)),
                .. Rated(new DateOnly(2026, 11, 15), (Family.Back, 5), (Family.HalfGuard, 5), (Family.Pin, 5), (Family.Standing, 5)),
            ],
        };

    private static BlockFocus Chosen(Way way, double gain, double low, double high, string why) => new(way, gain, low, high, false, why);

    private static IEnumerable<SelfRating> Rated(DateOnly date, params (Family Area, int Score)[] scores) =>
        scores.Select(s => new SelfRating(date, s.Area, s.Score));

    // Every second or third day, a start more kept each third time.
    private static IEnumerable<DrilledSession> Days(string block, DateOnly first, int count, int kept, string check)
    {
        for (var i = 0; i < count; i++)
        {
            var day = first.AddDays(
                7 * (i / 3)
                    + (i % 3) switch
                    {
                        0 => 0,
                        1 => 2,
                        _ => 5,
                    }
            );
            var now = Math.Min(9, kept + i / 3);
            yield return new DrilledSession(
                block,
                day,
                [
                    new DrilledRound(0, Rung.Repetitions, 10, null, []),
                    new DrilledRound(
                        0,
                        i < 3 ? Rung.FromThePlace : Rung.OneStepEarlier,
                        10,
                        new DrilledStarts(now, 10 - now),
                        [new CheckCount(check, now - 1, 10)]
                    ),
                ]
            );
        }
    }
}
