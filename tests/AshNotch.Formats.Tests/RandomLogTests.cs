using System.Text;
using AshNotch.Core.Drilling;
using AshNotch.Core.Drilling.Areas;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.Formats.Tests;

/// <summary>Logs with every field filled or left out at random go out and come back the same.</summary>
public class RandomLogTests
{
    private static readonly string[] Odd =
    [
        "plain",
        "Ünï",
        "“quoted”",
        "back\\slash",
        "a\"b",
        "tab\tin",
        "line\nbreak",
        "🤼",
        "עברית",
        "</script>",
        "null",
        "'; DROP TABLE roll; --",
    ];
    private static readonly string[] Places = ["half-guard/bottom", "mount/top", "standing/neutral", "our-own/place"];

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(5)]
    public void Any_log_comes_back_as_it_was(int seed)
    {
        var filler = new Filler(new Random(seed));
        var (log, drills) = (filler.Log(), filler.Drills());
        var text = Text(new Diary(log, drills));
        var back = LogReader.Read(new MemoryStream(Encoding.UTF8.GetBytes(text)), MatVocabulary.BuiltIn).Diary;
        var read = back.Log;
        Assert.Equal(text, Text(back));
        // Text equality alone would miss a field that is never written.
        Assert.Equal(
            log.Partners.Select(p => (p.Id, p.Name, p.Belt, p.Stripes, p.WeightKg, p.Size, string.Join('|', p.Traits))),
            read.Partners.Select(p => (p.Id, p.Name, p.Belt, p.Stripes, p.WeightKg, p.Size, string.Join('|', p.Traits)))
        );
        Assert.Equal(log.Rolls.SelectMany(r => r.Roll.Notches).Select(Whole), read.Rolls.SelectMany(r => r.Roll.Notches).Select(Whole));
        Assert.Equal(log.Rolls.Select(r => Head(r.Roll)), read.Rolls.Select(r => Head(r.Roll)));
        Assert.Equal(log.Rolls.SelectMany(r => r.Roll.Takeaways), read.Rolls.SelectMany(r => r.Roll.Takeaways));
        Assert.Equal(drills.Focuses, back.Drills.Focuses);
        Assert.Equal(drills.Blocks.SelectMany(b => b.Focuses), back.Drills.Blocks.SelectMany(b => b.Focuses));
        Assert.Equal(
            drills.Blocks.Select(b => (b.Id, b.Start, b.End, b.Reason, b.Verdict)),
            back.Drills.Blocks.Select(b => (b.Id, b.Start, b.End, b.Reason, b.Verdict))
        );
        Assert.Equal(Rounds(drills), Rounds(back.Drills));
        Assert.Equal(drills.Week!.Days, back.Drills.Week!.Days);
        Assert.Equal((drills.Week.Competition, drills.Week.Sore.Count), (back.Drills.Week.Competition, back.Drills.Week.Sore.Count));
        Assert.Equal(log.OwnNames, read.OwnNames);
        Assert.Equal(log.Practitioner.Category, read.Practitioner.Category);
    }

    private static IEnumerable<object> Rounds(Drills drills) =>
        drills.Done.SelectMany(d =>
            d.Rounds.Select(object (r) => (d.Date, r.Focus, r.Rung, r.Minutes, r.Starts, string.Join(',', r.Checks)))
        );

    private static object Head(Roll r) =>
        (r.Id, r.Partner, r.PartnerThen, r.Kind, r.Intensity, r.PartnerIntensity, r.Minutes, (r.Starts, r.Event, r.Division, r.Official));

    private static string Whole(Notch n) =>
        string.Join(
            '|',
            n.By,
            n.Move,
            n.From,
            n.To,
            n.Outcome,
            n.Side,
            n.At,
            n.Remaining,
            n.Given,
            string.Join(',', n.Causes),
            n.Unsure,
            string.Join(',', n.Inferred),
            string.Join(',', n.Rulings),
            n.Note,
            string.Join(',', n.Advice),
            n.Span
        );

    private static string Text(Diary diary)
    {
        using var stream = new MemoryStream();
        LogWriter.Write(diary, stream);
        return Encoding.UTF8.GetString(stream.ToArray());
    }

    private sealed class Filler(Random random)
    {
        private bool Some => random.Next(2) == 0;

        private string Words => Odd[random.Next(Odd.Length)] + Odd[random.Next(Odd.Length)];

        // Names are one line.
        private string Name => Words.Replace("\n", "", StringComparison.Ordinal).Replace("\t", "", StringComparison.Ordinal);

        private T? One<T>()
            where T : struct, Enum => Some ? Enum.GetValues<T>()[random.Next(Enum.GetValues<T>().Length)] : null;

        private int? Number(int most) => Some ? random.Next(most) : null;

        private double? Weight => Some ? 40 + random.Next(1000) / 10.0 : null;

        private List<T> Few<T>(Func<int, T> make) => [.. Enumerable.Range(0, random.Next(4)).Select(make)];

        public Log Log() =>
            new()
            {
                Practitioner = new Practitioner
                {
                    Belt = One<Belt>(),
                    Stripes = Number(5),
                    WeightKg = Weight,
                    AgeDivision = One<AgeDivision>(),
                    Units = One<WeightUnit>(),
                    Category = One<MatchCategory>(),
                },
                Partners =
                [
                    .. Enumerable
                        .Range(0, 4)
                        .Select(i => new Partner
                        {
                            Id = $"p{i}",
                            Name = Name,
                            Belt = One<Belt>(),
                            Stripes = Number(5),
                            WeightKg = Weight,
                            Size = One<RelativeSize>(),
                            Traits = Few(_ => Name),
                            Notes = Some ? Words : "",
                        }),
                ],
                Sessions =
                [
                    .. Enumerable
                        .Range(0, 6)
                        .Select(s => new Session
                        {
                            Id = $"s{s}",
                            Date = new DateOnly(2026, 1, 1).AddDays(s),
                            Time = Some ? new TimeOnly(random.Next(24), random.Next(60)) : null,
                            Kind = One<SessionKind>(),
                            Attire = One<Attire>(),
                            Notes = Some ? Words : null,
                            State = Some ? new DayState(One<Energy>(), Few(_ => Name), Some ? Words : null) : null,
                            Rolls = Few(r => Roll($"s{s}-{r}")),
                        }),
                ],
                OwnNames =
                [
                    .. Enumerable
                        .Range(0, random.Next(3))
                        .Select(i =>
                            Some ? new OwnName($"n{i}{Name}", "knee-cut-pass") : new OwnName($"n{i}{Name}", $"own-{i}", MoveKind.Sweep)
                        ),
                ],
            };

        public Drills Drills() =>
            new()
            {
                Focuses = Few(_ => new Focus(Way, Day, Some ? Words : null)),
                Week = new MyWeek
                {
                    Days = [new TrainingDay(DayOfWeek.Monday, Some ? One<Attire>() : null, random.Next(60), random.Next(60), Some)],
                    DaysOff = Some ? [Day] : [],
                    Competition = Some ? new Competition(Day, Some ? One<Attire>() : null, Some ? Name : null, null) : null,
                    Sore = Some ? [new SoreSpot(Any<SorePlace>(), Some, Day)] : [],
                    Stopped = Some ? [Day] : [],
                    Second = Some ? new HashSet<School> { Any<School>() } : [],
                },
                Blocks =
                [
                    new Block(
                        "b",
                        Day,
                        Day.AddDays(20),
                        [new BlockFocus(Way, Some ? 0.25 : null, null, null, Some, Words, Any<Rung>(), Some ? Day : null)],
                        Some ? Words : null,
                        Some ? One<Verdict>() : null
                    ),
                ],
                Done =
                [
                    new DrilledSession(
                        "b",
                        Day,
                        [
                            new DrilledRound(
                                random.Next(-1, 3),
                                Any<Rung>(),
                                random.Next(20),
                                Some ? new DrilledStarts(random.Next(9), random.Next(9)) : null,
                                Some ? [new CheckCount(Words, 2, 3)] : []
                            ),
                        ]
                    ),
                ],
                Ratings = Some ? [new SelfRating(Day, Any<Family>(), random.Next(SelfRating.Most + 1))] : [],
            };

        private T Any<T>()
            where T : struct, Enum => One<T>() ?? default;

        private static DateOnly Day => new(2026, 2, 1);

        private Way Way =>
            new(new(Places[random.Next(Places.Length)]), Who.Partner, Some ? new(Name) : null, null, Some ? One<BodySide>() : null);

        private Roll Roll(string id)
        {
            var exchanges = Few(_ => new Exchange
            {
                Start = Place,
                End = One<ExchangeEnd>(),
                Notches = Few(_ => Notch()),
            });
            return new Roll
            {
                Id = id,
                Partner = Some ? $"p{random.Next(4)}" : null,
                PartnerThen = new PartnerOfTheDay(One<Belt>(), Number(5), Weight, One<RelativeSize>()),
                Kind = One<RollKind>(),
                Event = Some ? Name : null,
                Division = Some ? Name : null,
                Official = Some ? new OfficialResult(Score, Score, Any<MatchWinner>(), One<DecidedBy>()) : null,
                Starts = Some ? new DrilledStarts(random.Next(20), random.Next(20)) : null,
                Intensity = One<Intensity>(),
                PartnerIntensity = One<Intensity>(),
                Minutes = Number(20),
                PlannedMinutes = Number(20),
                Mission = Some ? new Mission(Words, Few(_ => new MissionCheck(Words, Some ? Some : null, Some ? 1 : null, 2))) : null,
                Partial = Some ? [PartialAccount.CutShort] : [],
                Retelling = Some ? Words : null,
                Notes = Some ? Words : null,
                Exchanges = exchanges,
                Takeaways = Few(_ =>
                    exchanges.Count > 0 && exchanges[0].Notches.Count > 0 && Some ? new Takeaway(Words, 0, 0) : new Takeaway(Words)
                ),
            };
        }

        private OfficialScore? Score => Some ? new OfficialScore(random.Next(12), Number(3), Number(3)) : null;

        private PlaceId? Place => Some ? new PlaceId(Places[random.Next(Places.Length)]) : null;

        private Notch Notch() =>
            new()
            {
                By = Some ? Who.Me : Who.Partner,
                Outcome = Enum.GetValues<Outcome>()[random.Next(6)],
                Move = Some ? new MoveId(Name) : null,
                From = Place,
                To = Place,
                Side = One<BodySide>(),
                At = RollTime.Of(Number(600)),
                Remaining = RollTime.Of(Number(600)),
                Given = One<Who>(),
                Causes = Few(_ => Name),
                Unsure = Some,
                Inferred = Some ? ["from"] : [],
                Rulings = Few(_ => new Ruling(Any<ScoredFor>(), random.Next(-2, 5), random.Next(3), Some ? Words : null)),
                Note = Some ? Words : null,
                Advice = Few(_ => new Advice(Words, Some ? Name : null)),
                Span = Some ? new Span(random.Next(9), 9 + random.Next(9)) : null,
            };
    }
}
