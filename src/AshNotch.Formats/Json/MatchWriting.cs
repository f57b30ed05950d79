using System.Globalization;
using AshNotch.Core.Matches;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>The written form of match days, their results, and rules.</summary>
public static class MatchWriting
{
    /// <summary>The document of a day of matches.</summary>
    public static MatchDayDocument Document(MatchDay day) =>
        new()
        {
            Id = day.Id,
            Name = day.Name,
            Date = day.Date.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
            Rules = day.Rules,
            Attire = Said(day.Attire),
            Belt = Said(day.Belt),
            AgeDivision = Said(day.Age),
            Category = Said(day.Category),
            ClassKg = day.ClassKg,
            NoLimit = day.NoLimit ? true : null,
            WeightKg = day.WeightKg,
            Minutes = day.Minutes,
            Notes = day.Notes,
            Opponents = None(day.Opponents.Select(Document)),
        };

    /// <summary>The document of what is known of an opponent.</summary>
    public static ScoutingDocument Document(Scouting scouting) =>
        new()
        {
            Opponent = scouting.Opponent,
            Partner = scouting.Partner,
            Belt = Said(scouting.Belt),
            Known = None(scouting.Known.Select(h => new HearsayDocument { Text = h.Text, From = h.From })),
            Starts = scouting.Starts,
            PlanA = scouting.PlanA,
            Avoid = scouting.Avoid,
            Lead = scouting.Lead,
            Held = scouting.Held,
        };

    /// <summary>The document of what a referee said.</summary>
    public static OfficialDocument? Document(OfficialResult? official) =>
        official is null
            ? null
            : new OfficialDocument
            {
                Me = Document(official.Me),
                Partner = Document(official.Partner),
                Winner = Said(official.Winner),
                By = Said(official.By),
            };

    /// <summary>The document of a ruling.</summary>
    public static RulingDocument Document(Ruling ruling) =>
        new()
        {
            For = Term.Of(ruling.For),
            Points = ruling.Points,
            Advantages = ruling.Advantages == 0 ? null : ruling.Advantages,
            Note = ruling.Note,
        };

    /// <summary>The document of rules.</summary>
    public static RulesetDocument Document(MatchRules rules) =>
        new()
        {
            Id = rules.Id,
            Name = rules.Name,
            Source = rules.Source,
            Attire = Said(rules.Attire),
            Seconds = rules.Seconds,
            Scores =
            [
                .. rules.Scores.Select(s => new ScoreDocument
                {
                    For = Term.Of(s.For),
                    Points = s.Points,
                    PastGuard = s.PastGuard,
                    Source = s.Source,
                }),
            ],
            Advantages = rules.Advantages,
            BodyTriangleIsHooks = rules.BodyTriangleIsHooks,
            PointsFrom = rules.PointsFrom,
            GuardPull = rules.GuardPull,
            Penalties = Terms(rules.Penalties),
            Decided = Terms(rules.Decided),
            Tap = rules.Tap,
            Minutes =
            [
                .. rules.Minutes.Select(m => new MinutesDocument
                {
                    Ages = m.Ages is { } ages ? Terms(ages) : null,
                    Belts = m.Belts is { } belts ? Terms(belts) : null,
                    Minutes = m.Minutes,
                }),
            ],
            Barred =
            [
                .. rules.Barred.Select(b => new BarredDocument
                {
                    Moves = b.Moves is { } moves ? [.. moves] : null,
                    Classes = b.Classes is { } classes ? Terms(classes) : null,
                    FromBelt = Said(b.FromBelt),
                    OnlyAttire = Said(b.OnlyAttire),
                    OnlyAges = b.OnlyAges is { } only ? Terms(only) : null,
                    NotAges = b.NotAges is { } not ? Terms(not) : null,
                    Everyone = b.Everyone ? true : null,
                    Why = b.Why,
                }),
            ],
        };

    private static OfficialScoreDocument? Document(OfficialScore? score) =>
        score is null
            ? null
            : new OfficialScoreDocument
            {
                Points = score.Points,
                Advantages = score.Advantages,
                Penalties = score.Penalties,
            };

    private static List<string?> Terms<T>(IEnumerable<T> terms)
        where T : struct, Enum => [.. terms.Select(Term.Of)];

    private static string? Said<T>(T? term)
        where T : struct, Enum => term is { } value ? Term.Of(value) : null;

    private static List<T>? None<T>(IEnumerable<T> items) => items.ToList() is { Count: > 0 } list ? list : null;
}
