using System.Text.Json;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>From the written form of rules to rules.</summary>
public static class RulesReading
{
    private const double LongestHold = 60;

    /// <summary>Reads rules of the user's own.</summary>
    public static MatchRules Read(RulesetDocument written, Checker check, string where)
    {
        var at = where.Length == 0 ? "" : where + ".";
        var id = RollReading.Required(check.Identifier(written.Id, at, "id"), check, $"{at}id");
        if (id != Ruleset.HouseId && Rulesets.Matches.Any(m => m.Id == id || m.Family == id))
            check.Fault($"{at}id", $"'{id}' is the name of rules that ship with the program; give yours another.");
        if (written.Seconds is null)
            check.Fault($"{at}seconds", "is missing; write how many seconds a place must be held, 0 where it need not.");
        if (written.Scores is null)
            check.Fault($"{at}scores", "is missing; list what scores, or write an empty list where only the tap counts.");
        if (written.Advantages is null)
            check.Fault($"{at}advantages", "is missing; write true or false.");
        var source = check.Text(written.Source, at, "source") ?? "your own table";
        var scores = RollReading.Each(written.Scores, $"{at}scores", check, (s, c, w) => Score(s, source, c, w));
        foreach (var twice in scores.GroupBy(s => s.For).Where(g => g.Count() > 1))
            check.Fault($"{at}scores", $"names '{Term.Of(twice.Key)}' twice; say it once.");
        var decided = Terms<DecidedBy>(written.Decided, check, at, "decided");
        return new MatchRules(
            id,
            RollReading.Required(check.Name(written.Name, at, "name"), check, $"{at}name"),
            id,
            source,
            check.Term<Attire>(written.Attire, at, "attire"),
            check.Number(written.Seconds, at, "seconds", 0, LongestHold, "seconds") ?? 0,
            scores,
            written.Advantages ?? false,
            written.BodyTriangleIsHooks ?? false,
            check.Number(written.PointsFrom, at, "pointsFrom", 0, 1, "a part of the match") ?? 0,
            (int)(check.Number(written.GuardPull, at, "guardPull", -Ruleset.Most, 0, "points") ?? 0),
            Terms<PenaltyStep>(written.Penalties, check, at, "penalties"),
            decided.Count > 0 ? decided : [DecidedBy.Tap, DecidedBy.Points, DecidedBy.Advantages, DecidedBy.Penalties, DecidedBy.Referee],
            (int)(check.Number(written.Tap, at, "tap", 0, Ruleset.Most, "points") ?? Ruleset.Federation.Tap),
            RollReading.Each(written.Minutes, $"{at}minutes", check, Minutes),
            RollReading.Each(written.Barred, $"{at}barred", check, Barred)
        );
    }

    /// <summary>Reads a file of rules.</summary>
    /// <exception cref="FaultyInputException">The file is at fault; says where.</exception>
    public static IReadOnlyList<MatchRules> ReadFile(string text)
    {
        var check = new Checker();
        RulesetsDocument? written;
        try
        {
            written = JsonSerializer.Deserialize(text, LogJson.Default.RulesetsDocument);
        }
        catch (JsonException e)
        {
            throw new FaultyInputException([JsonFault.Of(e, at => at)]);
        }
        var rules = Read(written ?? new RulesetsDocument(), check);
        check.ThrowIfFaulty();
        return rules;
    }

    /// <summary>Reads rules out of the document of a file.</summary>
    public static IReadOnlyList<MatchRules> Read(RulesetsDocument written, Checker check)
    {
        if (written.Format != RulesetsDocument.FormatName)
            check.Fault("format", $"should be \"{RulesetsDocument.FormatName}\"; this is some other file.");
        if (written.Rulesets is not { Count: > 0 })
            check.Fault("rulesets", "is missing or empty; put at least one set of rules into it.");
        return RollReading.Each(written.Rulesets, "rulesets", check, Read);
    }

    private static Score Score(ScoreDocument written, string source, Checker check, string where)
    {
        var at = where + ".";
        if (written.Points is null)
            check.Fault($"{at}points", "is missing; write how many points it is worth.");
        return new Score(
            check.Term<ScoredFor>(RollReading.Required(written.For, check, $"{at}for"), at, "for") ?? ScoredFor.Takedown,
            (int)(check.Number(written.Points, at, "points", 0, Ruleset.Most, "points") ?? 0),
            (int?)check.Number(written.PastGuard, at, "pastGuard", 0, Ruleset.Most, "points"),
            check.Text(written.Source, at, "source") ?? source
        );
    }

    private static MatchMinutes Minutes(MinutesDocument written, Checker check, string where)
    {
        var at = where + ".";
        if (written.Minutes is null)
            check.Fault($"{at}minutes", "is missing; write how long a match lasts.");
        return new MatchMinutes(
            None(Terms<AgeDivision>(written.Ages, check, at, "ages")),
            None(Terms<Belt>(written.Belts, check, at, "belts")),
            check.Number(written.Minutes, at, "minutes", 1, Limits.LongestMinutes, "minutes") ?? 1
        );
    }

    private static BarredRow Barred(BarredDocument written, Checker check, string where)
    {
        var at = where + ".";
        return new BarredRow(
            None([.. (written.Moves ?? []).Select((m, i) => check.Name(m, at, check.Item("moves", i))).OfType<string>()]),
            None(Terms<SubmissionClass>(written.Classes, check, at, "classes")),
            check.Term<Belt>(written.FromBelt, at, "fromBelt"),
            check.Term<Attire>(written.OnlyAttire, at, "onlyAttire"),
            None(Terms<AgeDivision>(written.OnlyAges, check, at, "onlyAges")),
            None(Terms<AgeDivision>(written.NotAges, check, at, "notAges")),
            written.Everyone ?? false,
            RollReading.Required(check.Text(written.Why, at, "why"), check, $"{at}why")
        );
    }

    private static List<T> Terms<T>(List<string?>? written, Checker check, string at, string field)
        where T : struct, Enum =>
        [
            .. (written ?? [])
                .Select((t, i) => check.Term<T>(RollReading.Required(t, check, $"{at}{field}[{i}]"), at, $"{field}[{i}]"))
                .OfType<T>(),
        ];

    private static List<T>? None<T>(List<T> items) => items.Count == 0 ? null : items;
}
