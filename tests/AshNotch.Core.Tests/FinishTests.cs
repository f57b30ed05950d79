using AshNotch.Core.Finishes;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class FinishTests
{
    private static Notch Tap(Who by, string? move, string? from = null) =>
        new()
        {
            By = by,
            Move = MoveId.Of(move),
            From = PlaceId.Of(from),
            Outcome = Outcome.Tap,
        };

    private static Roll Roll(string id, string? partner, params Notch[] notches) =>
        new()
        {
            Id = id,
            Partner = partner,
            Exchanges = [new Exchange { Notches = notches }],
        };

    private static readonly Log Kept = new()
    {
        Partners = [new Partner { Id = "oak", Name = "Oak" }, new Partner { Id = "elm", Name = "Elm" }],
        Sessions =
        [
            new Session
            {
                Id = "sunday",
                Date = new(2026, 3, 8),
                Rolls =
                [
                    Roll("a", "oak", Tap(Who.Partner, "triangle", "closed-guard/top"), Tap(Who.Partner, null)),
                    Roll("b", null, Tap(Who.Me, "armbar", "mount/top")),
                ],
            },
            new Session
            {
                Id = "monday",
                Date = new(2026, 3, 9),
                Rolls = [Roll("c", "oak", Tap(Who.Partner, "triangle", "closed-guard/top")), Roll("d", "elm", Trade.KneeCut)],
            },
        ],
    };

    private static readonly FinishSheet Sheet = FinishSheet.Of(Kept, MatVocabulary.BuiltIn);

    private static IEnumerable<string> InShort(IEnumerable<FinishCount> counts) =>
        counts.Select(c => $"{c.Key}:{c.Mine}-{c.Theirs}/{c.InRolls} {string.Join(' ', c.Rolls)}".TrimEnd());

    [Fact]
    public void Taps_are_counted_by_submission_place_partner_and_week_and_the_unnamed_too()
    {
        Assert.Equal(["triangle:0-2/ c a", ":0-1/ a", "armbar:1-0/ b"], InShort(Sheet.Submissions));
        Assert.Equal(["closed-guard/top:0-3/ c a", "mount/top:1-0/ b"], InShort(Sheet.Places));
        Assert.Equal(["oak:0-3/2 c a", ":1-0/1 b", "elm:0-0/1"], InShort(Sheet.Partners));
        Assert.Equal(["2026-03-09:0-1/2 c", "2026-03-02:1-2/2 b a"], InShort(Sheet.Weeks));
        Assert.Equal("someone", Sheet.Partners[1].Name);
        Assert.Equal("nobody named it", Sheet.Submissions[1].Name);
    }

    [Fact]
    public void A_finish_without_a_place_stands_where_the_roll_stood() =>
        Assert.Equal(
            new PlaceId("side-control/bottom"),
            Finish
                .Of(
                    Trade.LogOf([]) with
                    {
                        Sessions = [new Session { Id = "s", Rolls = [Roll("a", null, Trade.KneeCut, Tap(Who.Partner, null))] }],
                    },
                    MatVocabulary.BuiltIn
                )
                .Single()
                .From
        );

    [Fact]
    public void The_whole_is_said_and_adds_up()
    {
        Assert.Equal("You finished once, they finished you 3 times: you tapped in 2 of 4 rolls.", Sheet.Say);
        Assert.Equal("Nobody tapped in 0 rolls.", FinishSheet.Of(new Log(), MatVocabulary.BuiltIn).Say);
        Assert.Equal(
            "They finished you 3 times, in 2 of 2 rolls; you finished nobody.",
            FinishSheet.Of(new LogWindow(Partner: "oak").Of(Kept), MatVocabulary.BuiltIn).Say
        );
    }

    [Fact]
    public void Every_way_of_counting_the_demo_log_counts_the_same_taps()
    {
        foreach (var seed in Enumerable.Range(1, 20))
        {
            var log = RandomLogs.Of(seed);
            var sheet = FinishSheet.Of(log, MatVocabulary.BuiltIn);
            Assert.Equal(log.Rolls.Sum(r => r.Roll.Taps(Who.Me)), sheet.Mine);
            Assert.Equal(log.Rolls.Sum(r => r.Roll.Taps(Who.Partner)), sheet.Theirs);
            foreach (var counts in new[] { sheet.Submissions, sheet.Places, sheet.Partners, sheet.Weeks })
                Assert.Equal((sheet.Mine, sheet.Theirs), (counts.Sum(c => c.Mine), counts.Sum(c => c.Theirs)));
            Assert.Equal(sheet.Rolls, sheet.Partners.Sum(p => p.InRolls));
        }
    }
}
