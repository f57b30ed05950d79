using AshNotch.Core.Matches;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>From the written form of match days and their results to the record.</summary>
public static class MatchReading
{
    private const int MostOpponents = 40;
    private const int MostPoints = 200;

    /// <summary>Reads a day of matches.</summary>
    public static MatchDay Read(MatchDayDocument written, Checker check, string where)
    {
        var at = At(where);
        if (written.Opponents is { Count: > MostOpponents })
            check.Fault($"{at}opponents", $"more than {MostOpponents} opponents in one day.");
        return new MatchDay
        {
            Id = RollReading.Required(check.Identifier(written.Id, at, "id"), check, $"{at}id"),
            Name = RollReading.Required(check.Name(written.Name, at, "name"), check, $"{at}name"),
            Date = check.Day(RollReading.Required(written.Date, check, $"{at}date"), at, "date") ?? Limits.FirstDay,
            Rules = check.Name(written.Rules, at, "rules"),
            Attire = check.Term<Attire>(written.Attire, at, "attire"),
            Belt = check.Term<Belt>(written.Belt, at, "belt"),
            Age = check.Term<AgeDivision>(written.AgeDivision, at, "ageDivision"),
            Category = check.Term<MatchCategory>(written.Category, at, "category"),
            ClassKg = check.Weight(written.ClassKg, at, "classKg"),
            NoLimit = written.NoLimit ?? false,
            WeightKg = check.Weight(written.WeightKg, at, "weightKg"),
            Minutes = check.Number(written.Minutes, at, "minutes", 1, Limits.LongestMinutes, "minutes"),
            Notes = check.Text(written.Notes, at, "notes"),
            Opponents = RollReading.Each(written.Opponents, $"{at}opponents", check, Read),
        };
    }

    /// <summary>Reads what a referee said; null where nothing was.</summary>
    public static OfficialResult? Read(OfficialDocument? written, Checker check, string where)
    {
        if (written is null)
            return null;
        var at = check.Path(where, ".");
        var result = new OfficialResult(
            Score(written.Me, check, check.Path(at, "me.")),
            Score(written.Partner, check, check.Path(at, "partner.")),
            check.Term<MatchWinner>(written.Winner, at, "winner"),
            check.Term<DecidedBy>(written.By, at, "by")
        );
        return result == new OfficialResult(null, null, null, null) ? null : result;
    }

    /// <summary>Reads a ruling.</summary>
    public static Ruling Read(RulingDocument written, Checker check, string where)
    {
        var at = check.Path(where, ".");
        return new Ruling(
            check.Term<ScoredFor>(RollReading.Required(written.For, check, $"{at}for"), at, "for") ?? ScoredFor.Takedown,
            (int)(check.Number(written.Points, at, "points", -MostPoints, MostPoints, "points") ?? 0),
            (int)(check.Number(written.Advantages, at, "advantages", 0, MostPoints, "advantages") ?? 0),
            check.Text(written.Note, at, "note")
        );
    }

    private static Scouting Read(ScoutingDocument written, Checker check, string where)
    {
        var at = At(where);
        return new Scouting
        {
            Opponent = RollReading.Required(check.Name(written.Opponent, at, "opponent"), check, $"{at}opponent"),
            Partner = check.Name(written.Partner, at, "partner"),
            Belt = check.Term<Belt>(written.Belt, at, "belt"),
            Known = RollReading.Each(
                written.Known,
                $"{at}known",
                check,
                static (h, check, path) =>
                    new Hearsay(
                        RollReading.Required(check.Text(h.Text, path + ".", "text"), check, $"{path}.text"),
                        check.Name(h.From, path + ".", "from")
                    )
            ),
            Starts = check.Text(written.Starts, at, "starts"),
            PlanA = check.Text(written.PlanA, at, "planA"),
            Avoid = check.Text(written.Avoid, at, "avoid"),
            Lead = check.Text(written.Lead, at, "lead"),
            Held = check.Text(written.Held, at, "held"),
        };
    }

    private static OfficialScore? Score(OfficialScoreDocument? written, Checker check, string at)
    {
        if (written is null)
            return null;
        var score = new OfficialScore(
            Count(written.Points, -MostPoints, check, at, "points"),
            Count(written.Advantages, 0, check, at, "advantages"),
            Count(written.Penalties, 0, check, at, "penalties")
        );
        return score == new OfficialScore(null, null, null) ? null : score;
    }

    private static int? Count(int? written, int least, Checker check, string at, string field) =>
        (int?)check.Number(written, at, field, least, MostPoints, field);

    private static string At(string where) => where.Length == 0 ? "" : where + ".";
}
