using AshNotch.Core.Matches;
using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Demo;

/// <summary>The invented practitioner's two match days: a small open that was, and a cup that is coming.</summary>
public static class Tournament
{
    private const string Open = "autumn-open";
    private const string Rules = "federation-gi";
    private const string Division = "master 1, men, blue, to 76 kg, gi";

    private const string Final = """
        Started standing. He hit a double leg to half guard. I hit an old school sweep to half guard and held it. He swept me back to half guard. He cut the knee to side control but I recovered to half guard before three seconds. Time.
        """;

    /// <summary>Somebody met at the open and nowhere else.</summary>
    public static Partner Stranger { get; } =
        new()
        {
            Id = "grey-shorts",
            Name = "Grey Shorts",
            Belt = Belt.Blue,
            Stripes = 4,
            WeightKg = 75,
            Traits = ["wrestles"],
            Notes = "Met at the autumn open.",
        };

    /// <summary>The days.</summary>
    public static MatchBook Book { get; } =
        new()
        {
            Days =
            [
                new MatchDay
                {
                    Id = Open,
                    Name = "Autumn open",
                    Date = new DateOnly(2026, 10, 24),
                    Attire = Attire.Gi,
                    Belt = Belt.Blue,
                    Age = AgeDivision.Master1,
                    Category = MatchCategory.Men,
                    ClassKg = 76,
                    WeightKg = 74.6,
                    Opponents =
                    [
                        new Scouting
                        {
                            Opponent = Stranger.Name,
                            Partner = Stranger.Id,
                            Belt = Belt.Blue,
                            Known =
                            [
                                new Hearsay("shoots in the first ten seconds", "Larch"),
                                new Hearsay("cuts the knee from half guard", null),
                            ],
                            Starts = "Double leg, head on the left",
                            PlanA = "Grips first, sit to guard before the shot",
                            Avoid = "No flat half guard",
                            Lead = "Stay on top and make them stand",
                            Held = "The shot came after eight seconds. I was flat in half guard again.",
                        },
                    ],
                },
                new MatchDay
                {
                    Id = "winter-cup",
                    Name = "Winter cup",
                    Date = new DateOnly(2026, 12, 12),
                    Attire = Attire.Gi,
                    Belt = Belt.Blue,
                    Age = AgeDivision.Master1,
                    Category = MatchCategory.Men,
                    ClassKg = 76,
                    Opponents =
                    [
                        new Scouting
                        {
                            Opponent = Stranger.Name,
                            Partner = Stranger.Id,
                            Belt = Belt.Blue,
                            Known = [new Hearsay("entered the same division again", "Birch")],
                            Starts = "Double leg, head on the left",
                            PlanA = "Pull before the shot, knee shield at once",
                            Avoid = "No flat half guard",
                        },
                        new Scouting { Opponent = "Red Tape", Known = [new Hearsay("plays lasso and waits", "Elm")] },
                    ],
                },
            ],
        };

    /// <summary>The sessions with the matches of the open as they were fought, and what the referees said.</summary>
    internal static IEnumerable<Session> In(IEnumerable<Session> sessions) =>
        sessions.Select(s => s.Kind == SessionKind.Competition ? s with { Rolls = [.. Fought(s.Rolls), Last(s.Id)] } : s);

    private static IEnumerable<Roll> Fought(IReadOnlyList<Roll> rolls)
    {
        // It was level by what is written; the referee had seen one more danger.
        yield return Match(rolls[0]) with
        {
            Official = new OfficialResult(new(2, 1, 0), new(2, 0, 0), MatchWinner.Me, DecidedBy.Advantages),
        };
        // The tap ended it.
        yield return Match(rolls[1]) with
        {
            Exchanges = [rolls[1].Exchanges[0]],
            Official = new OfficialResult(null, null, MatchWinner.Me, DecidedBy.Tap),
        };
    }

    private static Roll Last(string session)
    {
        var text = Final.Trim();
        var read = RollReader.Read(text, Phrasebook.Of(MatVocabulary.BuiltIn), Stranger.Name);
        return Match(
            new Roll
            {
                Id = $"{session}-3",
                Partner = Stranger.Id,
                PartnerThen = Stranger.Today,
                Kind = RollKind.Match,
                Intensity = Intensity.Hard,
                Minutes = 5,
                Retelling = text,
                Exchanges = [.. read.Exchanges.Select(e => e.Exchange)],
                Official = new OfficialResult(new(2, 0, 0), new(4, 1, 0), MatchWinner.Partner, DecidedBy.Points),
            }
        );
    }

    private static Roll Match(Roll roll) => roll with { Event = Open, Division = Division, Rules = Rules };
}
