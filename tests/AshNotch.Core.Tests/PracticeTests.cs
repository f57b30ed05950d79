using System.Text.Json;
using System.Text.Json.Serialization;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling;
using AshNotch.Core.Finishes;
using AshNotch.Core.Grain;
using AshNotch.Core.Revising;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Core.Weeks;

namespace AshNotch.Core.Tests;

public class PracticeTests
{
    private static readonly MatVocabulary Mat = MatVocabulary.BuiltIn;

    [Theory]
    [InlineData(RollKind.Drill, null, true)]
    [InlineData(RollKind.Drill, Intensity.Hard, true)]
    [InlineData(RollKind.Positional, Intensity.Light, true)]
    [InlineData(RollKind.Positional, Intensity.Steady, false)]
    [InlineData(RollKind.Positional, null, false)]
    [InlineData(RollKind.Free, Intensity.Light, false)]
    [InlineData(null, Intensity.Light, false)]
    public void A_drill_and_a_light_positional_round_are_practice(RollKind? kind, Intensity? intensity, bool practice) =>
        Assert.Equal(
            practice,
            new Roll
            {
                Id = "r",
                Kind = kind,
                Intensity = intensity,
            }.IsPractice
        );

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Any_number_of_drilled_rounds_leaves_what_was_learned_as_it_was_to_the_last_digit(int seed)
    {
        var log = DemoTests.Log;
        var drilled = WithPractice(log, new Random(seed));
        Assert.True(drilled.Rolls.Count() > log.Rolls.Count() + 20);
        Assert.Equal(Learned(log), Learned(drilled));
    }

    [Fact]
    public void Where_one_tries_things_or_lets_work_what_was_mine_to_let_counts_half()
    {
        static Walk Walked(Intent? intent) =>
            Walk.Of(
                Trade.LogOf([Trade.KneeCut]) is var log && log.Sessions[0] is var session
                    ? log with
                    {
                        Sessions =
                        [
                            session with
                            {
                                Rolls =
                                [
                                    session.Rolls[0] with
                                    {
                                        Intent = intent,
                                        Exchanges =
                                        [
                                            new Exchange
                                            {
                                                Notches = [Trade.KneeCut, Trade.KneeCut with { By = Who.Me, From = new("half-guard/top") }],
                                            },
                                        ],
                                    },
                                ],
                            },
                        ],
                    }
                    : log,
                MatVocabulary.BuiltIn
            );
        foreach (var intent in (Intent?[])[null, Intent.Win, Intent.Survive])
            Assert.Equal([1, 1], Walked(intent).Steps.Select(s => s.Weight));
        foreach (var intent in (Intent[])[Intent.Try, Intent.LetWork])
            Assert.Equal([0.5, 1], Walked(intent).Steps.Select(s => s.Weight));
    }

    [Fact]
    public void The_same_holds_where_what_was_learned_before_is_gone_on_from()
    {
        var log = DemoTests.Log;
        var before = Experience.Of(log, Mat);
        var drilled = WithPractice(log, new Random(4));
        var after = Experience.Of(drilled, Mat, before: before);
        Assert.Equal(
            Json(WeakSpotRanking.Of(before, Aim.Points, Against.Usual)),
            Json(WeakSpotRanking.Of(after, Aim.Points, Against.Usual))
        );
    }

    [Fact]
    public void Live_positional_rounds_are_learned_from()
    {
        var log = DemoTests.Log;
        var live = log with { Sessions = [.. log.Sessions, Day(log, 1, Round("x", RollKind.Positional, Intensity.Hard, new Random(1)))] };
        Assert.NotEqual(Learned(log), Learned(live));
    }

    [Fact]
    public void Its_starts_are_counted_as_told_else_by_who_landed_last()
    {
        var told = Round("a", RollKind.Drill, null, new Random(1)) with { Starts = new DrilledStarts(7, 3) };
        Assert.Equal(new DrilledStarts(7, 3), PracticeCount.Of(told));

        Exchange Start(ExchangeEnd? end, params (Who By, Outcome Outcome)[] notches) =>
            new() { End = end, Notches = [.. notches.Select(n => new Notch { By = n.By, Outcome = n.Outcome })] };
        var read = told with
        {
            Starts = null,
            Exchanges =
            [
                Start(null, (Who.Partner, Outcome.Stopped), (Who.Me, Outcome.Landed)),
                Start(null, (Who.Me, Outcome.Landed), (Who.Partner, Outcome.Tap)),
                Start(ExchangeEnd.PositionLost, (Who.Me, Outcome.Landed)),
                Start(ExchangeEnd.Time, (Who.Me, Outcome.Near)),
            ],
        };
        Assert.Equal(new DrilledStarts(1, 2), PracticeCount.Of(read));
    }

    [Fact]
    public void The_tally_stands_by_the_place_started_from_with_its_pace()
    {
        var log = DemoTests.Log with
        {
            Sessions =
            [
                Day(DemoTests.Log, 1, Counted("a", 7, 3, Intensity.Light), Counted("b", 8, 2, Intensity.Light)),
                Day(DemoTests.Log, 2, Counted("c", 1, 0, Intensity.Steady)),
            ],
        };
        var tally = Assert.Single(PracticeTally.Of(log, Mat));
        Assert.Equal((3, new DrilledStarts(16, 5)), (tally.Rounds, tally.Starts));
        Assert.Equal(log.Sessions[1].Date, tally.Last);
        Assert.Equal(
            "3 rounds of practice from their side control: 16 of 21 starts kept, 2 at a light pace, 1 at a steady pace.",
            tally.Say
        );
    }

    [Fact]
    public void A_split_round_of_practice_stays_practice_and_a_join_adds_its_starts()
    {
        var round = Round("a", RollKind.Positional, Intensity.Light, new Random(1)) with { Starts = new DrilledStarts(4, 1) };
        var split = RollSplit.Before(round, 1, 0, "b")!;
        Assert.True(split.First.IsPractice && split.Second.IsPractice);
        Assert.Equal(new DrilledStarts(6, 3), RollJoin.Of(round, round with { Id = "c", Starts = new DrilledStarts(2, 2) }).Starts);
    }

    private static Roll Counted(string id, int kept, int lost, Intensity pace) =>
        Round(id, RollKind.Drill, pace, new Random(1)) with
        {
            Starts = new DrilledStarts(kept, lost),
        };

    // Ten starts under side control, most of them escaped: what put "elbow escape" on rank 1 before.
    private static Roll Round(string id, RollKind kind, Intensity? pace, Random random) =>
        new()
        {
            Id = id,
            Partner = DemoTests.Log.Partners[random.Next(DemoTests.Log.Partners.Count)].Id,
            Kind = kind,
            Intensity = pace,
            Exchanges =
            [
                .. Enumerable
                    .Range(0, 10)
                    .Select(_ => new Exchange
                    {
                        Start = new PlaceId("side-control/bottom"),
                        Notches =
                        [
                            new Notch
                            {
                                By = Who.Me,
                                Move = new MoveId("elbow-escape"),
                                From = new PlaceId("side-control/bottom"),
                                To = new PlaceId("half-guard/bottom"),
                                Outcome = random.Next(10) < 8 ? Outcome.Landed : Outcome.Stopped,
                            },
                            new Notch { By = Who.Partner, Outcome = random.Next(2) == 0 ? Outcome.Tap : Outcome.Near },
                        ],
                    }),
            ],
        };

    private static Session Day(Log log, int later, params Roll[] rolls) =>
        new()
        {
            Id = $"practice-{later}",
            Date = log.Sessions.Max(s => s.Date)!.Value.AddDays(later),
            Attire = Attire.Gi,
            Rolls = rolls,
        };

    // Among the rolls of days that there are, on days of their own, and after all of them.
    private static Log WithPractice(Log log, Random random)
    {
        var count = 0;
        Roll One() =>
            random.Next(2) == 0
                ? Round($"practice{count++}", RollKind.Drill, null, random)
                : Round($"practice{count++}", RollKind.Positional, Intensity.Light, random);
        return log with
        {
            Sessions =
            [
                .. log.Sessions.Select(s =>
                    random.Next(3) > 0 ? s with { Rolls = [.. s.Rolls.SelectMany(r => random.Next(3) == 0 ? [One(), r] : new[] { r })] } : s
                ),
                .. Enumerable.Range(1, 6).Select(d => Day(log, d, [.. Enumerable.Range(0, 5).Select(_ => One())])),
            ],
        };
    }

    private static string Learned(Log log)
    {
        var experience = Experience.Of(log, Mat);
        var allWeeks = Experience.OfAllWeeks(log, Mat);
        var ranking = WeakSpotRanking.Of(experience, Aim.Points, Against.Usual);
        var notes = ranking
            .Spots.Where(s => s.Way.Move is not null)
            .SelectMany(s => ExchangeNotes.Of(experience, PlaceValues.Of(experience, Aim.Points), s.Way));
        return string.Join(
            '\n',
            Json(ranking),
            Json(Courses.Of(allWeeks, [.. ranking.Spots.Select(s => new Subject(s.Way.By, s.Way.From, s.Way.Move))])),
            Json(GrainMap.Of(experience, Aim.Points, Against.Usual, [])),
            Json(FinishSheet.Of(log, Mat)),
            Json(notes),
            Json(LikelyNext.Of(log, Mat, new PlaceId("side-control/bottom"), 8))
        );
    }

    private static readonly JsonSerializerOptions Ids = new() { Converters = { new AsText<PlaceId>(), new AsText<MoveId>() } };

    private static string Json<T>(T value) => JsonSerializer.Serialize(value, Ids);

    // A place knows its mirror, which knows the place.
    private sealed class AsText<T> : JsonConverter<T>
        where T : struct
    {
        public override T Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            throw new NotSupportedException();

        public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) => writer.WriteStringValue($"{value}");
    }
}
