using AshNotch.Core.Chain;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Week;

/// <summary>When and how one practitioner trains.</summary>
public sealed record MyWeek
{
    /// <summary>The shortest round that is worth its name, in minutes; the authors' judgement.</summary>
    public const int ShortestRound = 3;

    /// <summary>The days trained on, at most one for each day of the week.</summary>
    public IReadOnlyList<TrainingDay> Days { get; init; } = [];

    /// <summary>Days on which nothing is trained after all.</summary>
    public IReadOnlyList<DateOnly> DaysOff { get; init; } = [];

    /// <summary>The competition that is coming, or null.</summary>
    public Competition? Competition { get; init; }

    /// <summary>What is sore and not cleared.</summary>
    public IReadOnlyList<SoreSpot> Sore { get; init; } = [];

    /// <summary>Days on which the practitioner blacked out or was hit on the head: nothing is done on them.</summary>
    public IReadOnlyList<DateOnly> Stopped { get; init; } = [];

    /// <summary>Where schools differ, those of which the second is followed.</summary>
    public IReadOnlySet<School> Second { get; init; } = new HashSet<School>();

    /// <summary>What is taken until somebody says when they train: three days of twenty minutes.</summary>
    public static MyWeek Usual { get; } = Of([DayOfWeek.Monday, DayOfWeek.Wednesday, DayOfWeek.Saturday], 20);

    /// <summary>A week of so many minutes on each of these days, half of them for drilling.</summary>
    public static MyWeek Of(IEnumerable<DayOfWeek> days, int minutes) =>
        new() { Days = [.. days.Distinct().Select(d => new TrainingDay(d, null, minutes / 2, minutes - minutes / 2, false))] };

    /// <summary>What is wanted of a roll, under the rules of the competition that is coming where they are known.</summary>
    public Goal Under(Goal goal, IReadOnlyList<Ruleset> rulesets) =>
        Competition?.Rules is { } id && rulesets.FirstOrDefault(r => r.Id == id) is { } rules ? goal with { Rules = rules } : goal;

    /// <summary>The days on which something can be drilled, from one day to another, both included.</summary>
    public IEnumerable<(DateOnly Date, TrainingDay Day)> Sessions(DateOnly first, DateOnly last)
    {
        for (var date = first; date <= last; date = date.AddDays(1))
            if (Days.FirstOrDefault(d => d.Day == date.DayOfWeek) is { } day && !DaysOff.Contains(date) && Competition?.Date != date)
                yield return (date, day);
    }

    /// <summary>The same with its days so much later; the days of the week stay.</summary>
    public MyWeek ShiftedBy(int days) =>
        this with
        {
            DaysOff = [.. DaysOff.Select(d => d.AddDays(days))],
            Competition = Competition is { } coming ? coming with { Date = coming.Date.AddDays(days) } : null,
            Sore = [.. Sore.Select(s => s with { Since = s.Since.AddDays(days) })],
            Stopped = [.. Stopped.Select(d => d.AddDays(days))],
        };

    /// <summary>What is worn on every day trained on; null where it varies or is not said.</summary>
    public Attire? Attire => Days.Select(d => d.Attire).Distinct().Count() == 1 ? Days[0].Attire : null;
}
