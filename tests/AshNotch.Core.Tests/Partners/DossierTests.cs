using AshNotch.Core.Partners;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Partners;

public class DossierTests
{
    private const string Back = "partner back-take side-control/bottom>back-control/bottom";
    private static readonly DateOnly Later = PartnerLogs.First.AddDays(100);

    [Fact]
    public void What_passes_between_us_is_counted_beside_the_others()
    {
        var log = PartnerLogs.Of(
            [("birch", $"{PartnerLogs.Cut}|{Back}"), ("cedar", $"{PartnerLogs.Sweep}")],
            [("birch", $"{PartnerLogs.Cut}"), ("cedar", $"{PartnerLogs.Cut[..PartnerLogs.Cut.IndexOf('>')]} stopped")],
            [("birch", $"{PartnerLogs.Sweep}|{PartnerLogs.Cut}")]
        );
        var dossier = PartnerLogs.Dossiers(log).Of("birch", Later);
        Assert.Equal((3, new DateOnly(2026, 1, 5), new DateOnly(2026, 1, 9)), (dossier.Rolls, dossier.First, dossier.Last));
        var cut = dossier.They[0];
        Assert.Equal(("knee-cut-pass", new Came(3, 3), new Came(1, 0)), (cut.Way.Move!.Value.Value, cut.Came, cut.Others));
        Assert.Equal([new PlaceId("side-control/bottom")], cut.To.OfType<PlaceId>());
        Assert.Equal(["r2-0", "r1-0", "r0-0"], cut.Rolls);
        Assert.Equal("scissor-sweep", Assert.Single(dossier.Me).Way.Move!.Value.Value);
        Assert.Equal(("half-guard/bottom", 2), (dossier.Starts[0].Place.Value, dossier.Starts[0].Times));
    }

    [Fact]
    public void Two_rolls_do_not_look_like_a_pattern()
    {
        // Once in two rolls, where it came off once in ten with the others.
        var rare = Between.Of(
            Way.Of(new("half-guard/bottom"), Who.Partner, new("knee-cut-pass"), null),
            Tries(1, 1),
            new Came(40, 4),
            2,
            40
        );
        Assert.InRange(rare.Rate, 0.1, 0.4);
        Assert.False(rare.IsMore);
        Assert.True(rare.Low < 0.15 && rare.High > 0.25);
        // Twenty times in twenty rolls is one.
        var often = Between.Of(rare.Way, Tries(20, 20), new Came(40, 4), 20, 40);
        Assert.True(often.IsMore && often.Low > 0.6);
        // Nobody else to compare with: no usual share.
        Assert.Null(Between.Of(rare.Way, Tries(1, 1), default, 1, 0).Usual);
        Assert.False(Between.Of(rare.Way, Tries(1, 1), default, 1, 0).IsMore);
    }

    [Fact]
    public void Belt_and_weight_are_told_as_they_were_from_roll_to_roll()
    {
        var log = PartnerLogs.Of([("birch", PartnerLogs.Cut)], [("birch", PartnerLogs.Cut)], [("birch", PartnerLogs.Cut)]);
        var (blue, purple) = (new PartnerOfTheDay(Belt.Blue, 3, 80, null), new PartnerOfTheDay(Belt.Purple, 0, 80, null));
        log = log with
        {
            Sessions = [.. log.Sessions.Select((s, i) => s with { Rolls = [s.Rolls[0] with { PartnerThen = i < 2 ? blue : purple }] })],
        };
        Assert.Equal(
            [new PartnerSince(new(2026, 1, 5), blue), new PartnerSince(new(2026, 1, 9), purple)],
            PartnerLogs.Dossiers(log).Of("birch", Later).Course
        );
    }

    [Fact]
    public void What_they_advised_is_theirs_and_nobody_elses()
    {
        var log = PartnerLogs.Of([("birch", PartnerLogs.Cut), ("cedar", PartnerLogs.Cut)]);
        Roll With(Roll roll, string from) =>
            roll with
            {
                Exchanges =
                [
                    roll.Exchanges[0] with
                    {
                        Notches = [roll.Notches.First() with { Advice = [new Advice("frame first", from)] }],
                    },
                ],
                Takeaways = [new Takeaway("Birch said: breathe out")],
            };
        log = log with
        {
            Sessions = [log.Sessions[0] with { Rolls = [With(log.Sessions[0].Rolls[0], "partner"), log.Sessions[0].Rolls[1]] }],
        };
        var dossiers = PartnerLogs.Dossiers(log);
        Assert.Equal(["breathe out", "frame first"], dossiers.Of("birch", Later).Advice.Select(a => a.Text).Order());
        Assert.Empty(dossiers.Of("cedar", Later).Advice);
    }

    [Fact]
    public void Nobody_met_yet_has_an_empty_dossier()
    {
        var log = PartnerLogs.Of([PartnerLogs.Named("birch"), PartnerLogs.Named("new")], 2, [("birch", PartnerLogs.Cut)]);
        var dossier = PartnerLogs.Dossiers(log).Of("new", Later);
        Assert.Equal((0, null, 0.0), (dossier.Rolls, dossier.Last, dossier.LikelyThere));
        Assert.Empty(dossier.They);
    }

    [Fact]
    public void What_is_new_or_more_often_in_four_weeks_is_said()
    {
        const string Pass = "partner toreando-pass seated-guard/bottom>side-control/bottom";
        (string, string)[][] before = [.. Enumerable.Range(0, 12).Select(_ => new[] { ("birch", PartnerLogs.Sweep) })];
        (string, string)[][] lately = [.. Enumerable.Range(0, 6).Select(_ => new[] { ("birch", $"{Pass}|{Back}") })];
        var log = PartnerLogs.Of([PartnerLogs.Named("birch")], 4, [.. before, .. lately]);
        var changed = PartnerLogs.Dossiers(log).Of("birch", Later).Changed;
        Assert.Contains("New in the last four weeks: they pass your seated guard with the toreando, 6 times.", changed);
        Assert.Contains("Your scissor sweep from your closed guard: once in the last 7 rolls, 11 times in the 11 before.", changed);
        Assert.Empty(PartnerLogs.Dossiers(PartnerLogs.Of([("birch", Pass)])).Of("birch", Later).Changed);
    }

    private static List<TryWith> Tries(int tried, int landed)
    {
        var log = PartnerLogs.Of([
            .. Enumerable
                .Range(0, tried)
                .Select(i =>
                    new[] { ("birch", i < landed ? PartnerLogs.Cut : $"{PartnerLogs.Cut[..PartnerLogs.Cut.IndexOf('>')]} stopped") }
                ),
        ]);
        return
        [
            .. Happening
                .ByExchange(log, MatVocabulary.BuiltIn)
                .Select(e => new TryWith(Way.Of(e[0].From!.Value, Who.Partner, e[0].Notch.Move, null), e[0], null)),
        ];
    }
}
