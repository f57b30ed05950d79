using AshNotch.Core.Drilling;
using AshNotch.Core.Drilling.Areas;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>From the written form of what is drilled to the record.</summary>
public static class DrillReading
{
    private const int MostMinutes = 240;
    private const int MostDays = 366;
    private const int MostFocuses = 3;
    private const int MostRounds = 40;
    private const int MostChecks = 3;
    private const int MostTries = 1000;

    /// <summary>Reads a focus; place and side are required.</summary>
    public static Focus Read(FocusDocument written, Checker check, string where)
    {
        var at = At(where);
        return new Focus(
            Way(written, check, at),
            check.Day(RollReading.Required(written.Chosen, check, $"{at}chosen"), at, "chosen") ?? Limits.FirstDay,
            check.Text(written.Reason, at, "reason")
        );
    }

    /// <summary>Reads an exchange; place and side are required.</summary>
    public static Way Way(WayDocument written, Checker check, string at)
    {
        var move = check.Move(written.Move, at, "move");
        return new Way(
            new PlaceId(RollReading.Required(check.Name(written.From, at, "from"), check, $"{at}from")),
            check.Term<Who>(RollReading.Required(written.By, check, $"{at}by"), at, "by") ?? Who.Me,
            move,
            move is null ? check.Place(written.To, at, "to") : null,
            check.Term<BodySide>(written.Side, at, "side")
        );
    }

    /// <summary>Reads when and how somebody trains.</summary>
    public static MyWeek Read(WeekDocument written, Checker check, string where)
    {
        var at = At(where);
        var days = RollReading.Each(written.Days, $"{at}days", check, Day);
        if (days.Select(d => d.Day).Distinct().Count() != days.Count)
            check.Fault($"{at}days", "names a day of the week twice; say it once.");
        return new MyWeek
        {
            Days = [.. days.OrderBy(d => ((int)d.Day + 6) % 7)],
            DaysOff = Days(written.DaysOff, check, at, "daysOff"),
            Competition = written.Competition is { } coming ? Read(coming, check, $"{at}competition.") : null,
            Sore = RollReading.Each(written.Sore, $"{at}sore", check, Sore),
            Stopped = Days(written.Stopped, check, at, "stopped"),
            Second = (written.Second ?? []).Select((s, i) => check.Term<School>(s, $"{at}second[{i}]")).OfType<School>().ToHashSet(),
        };
    }

    /// <summary>Reads a block; its days and a focus are required.</summary>
    public static Block Read(BlockDocument written, Checker check, string where)
    {
        var at = At(where);
        var start = check.Day(RollReading.Required(written.Start, check, $"{at}start"), at, "start") ?? Limits.FirstDay;
        var end = check.Day(RollReading.Required(written.End, check, $"{at}end"), at, "end") ?? start;
        if (end < start)
            check.Fault($"{at}end", "comes before its start.");
        if (written.Focuses is not { Count: > 0 and <= MostFocuses })
            check.Fault($"{at}focuses", $"is one main focus with at most {MostFocuses - 1} beside it.");
        return new Block(
            RollReading.Required(check.Identifier(written.Id, at, "id"), check, $"{at}id"),
            start,
            end,
            RollReading.Each(written.Focuses, $"{at}focuses", check, BlockFocus),
            check.Text(written.Reason, at, "reason"),
            check.Term<Verdict>(written.Verdict, at, "verdict")
        );
    }

    /// <summary>Reads what was done on a day; the block and the day are required.</summary>
    public static DrilledSession Read(DrilledDocument written, Checker check, string where)
    {
        var at = At(where);
        if (written.Rounds is { Count: > MostRounds })
            check.Fault($"{at}rounds", $"more than {MostRounds} rounds in one day.");
        return new DrilledSession(
            RollReading.Required(check.Name(written.Block, at, "block"), check, $"{at}block"),
            check.Day(RollReading.Required(written.Date, check, $"{at}date"), at, "date") ?? Limits.FirstDay,
            RollReading.Each(written.Rounds, $"{at}rounds", check, Round)
        );
    }

    /// <summary>Reads how an area was rated; all of it is required.</summary>
    public static SelfRating Read(RatingDocument written, Checker check, string where)
    {
        var at = At(where);
        if (written.Score is null)
            check.Fault($"{at}score", $"is missing; write a number from 0 to {SelfRating.Most}.");
        return new SelfRating(
            check.Day(RollReading.Required(written.Date, check, $"{at}date"), at, "date") ?? Limits.FirstDay,
            check.Term<Family>(RollReading.Required(written.Area, check, $"{at}area"), at, "area") ?? Family.Standing,
            Count(written.Score, check, at, "score", SelfRating.Most, "points")
        );
    }

    private static TrainingDay Day(TrainingDayDocument written, Checker check, string where)
    {
        var at = At(where);
        return new TrainingDay(
            check.Term<DayOfWeek>(RollReading.Required(written.Day, check, $"{at}day"), at, "day") ?? DayOfWeek.Monday,
            check.Term<Attire>(written.Attire, at, "attire"),
            Count(written.Drilling, check, at, "drilling", MostMinutes, "minutes"),
            Count(written.Positional, check, at, "positional", MostMinutes, "minutes"),
            written.OpenMat ?? false,
            check.Clock(written.Time, at, "time")
        );
    }

    private static Competition? Read(CompetitionDocument written, Checker check, string at) =>
        check.Day(RollReading.Required(written.Date, check, $"{at}date"), at, "date") is { } date
            ? new Competition(
                date,
                check.Term<Attire>(written.Attire, at, "attire"),
                check.Name(written.Division, at, "division"),
                check.Name(written.Rules, at, "rules")
            )
            : null;

    private static SoreSpot Sore(SoreSpotDocument written, Checker check, string where)
    {
        var at = At(where);
        return new SoreSpot(
            check.Term<SorePlace>(RollReading.Required(written.Place, check, $"{at}place"), at, "place") ?? SorePlace.Neck,
            written.Mild ?? false,
            check.Day(RollReading.Required(written.Since, check, $"{at}since"), at, "since") ?? Limits.FirstDay
        );
    }

    private static BlockFocus BlockFocus(BlockFocusDocument written, Checker check, string where)
    {
        var at = At(where);
        return new BlockFocus(
            Way(written, check, at),
            written.GainPerRoll,
            written.Low,
            written.High,
            written.FindOut ?? false,
            check.Text(written.Why, at, "why") ?? "",
            check.Term<Rung>(written.Rung, at, "rung") ?? Rung.Repetitions,
            check.Day(written.RungSince, at, "rungSince")
        );
    }

    private static DrilledRound Round(DrilledRoundDocument written, Checker check, string where)
    {
        var at = At(where);
        var checks = RollReading.Each(written.Checks, $"{at}checks", check, Check);
        if (checks.Count > MostChecks)
            check.Fault($"{at}checks", $"more than {MostChecks} checks for one round.");
        return new DrilledRound(
            written.Focus is >= -1 and < MostFocuses
                ? written.Focus.Value
                : Wrong(check, $"{at}focus", "counts the focuses of the block from 0."),
            check.Term<Rung>(RollReading.Required(written.Rung, check, $"{at}rung"), at, "rung") ?? Rung.Repetitions,
            Count(written.Minutes, check, at, "minutes", MostMinutes, "minutes"),
            RollReading.Read(written.Starts, check, $"{at}starts"),
            checks
        );
    }

    private static CheckCount Check(CheckCountDocument written, Checker check, string where)
    {
        var at = At(where);
        var of = Count(written.Of, check, at, "of", MostTries, "tries");
        return new CheckCount(
            RollReading.Required(check.Text(written.Text, at, "text"), check, $"{at}text"),
            Count(written.Met, check, at, "met", of, "tries"),
            of
        );
    }

    private static List<DateOnly> Days(List<string?>? written, Checker check, string at, string field)
    {
        if (written is { Count: > MostDays })
            check.Fault($"{at}{field}", $"more than {MostDays} days.");
        return
        [
            .. (written ?? []).Take(MostDays).Select((d, i) => check.Day(d, $"{at}{field}[{i}]", "")).OfType<DateOnly>().Distinct().Order(),
        ];
    }

    private static int Count(int? written, Checker check, string at, string field, int most, string unit) =>
        (int)(check.Number(written, at, field, 0, most, unit) ?? 0);

    private static int Wrong(Checker check, string where, string what)
    {
        check.Fault(where, what);
        return 0;
    }

    private static string At(string where) => where.Length == 0 ? "" : where + ".";
}
