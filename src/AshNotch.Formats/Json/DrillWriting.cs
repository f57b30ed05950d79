using System.Globalization;
using AshNotch.Core.Drilling;
using AshNotch.Core.Drilling.Areas;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>The written form of what is drilled.</summary>
public static class DrillWriting
{
    /// <summary>The document of a focus.</summary>
    public static FocusDocument Document(Focus focus) =>
        Filled(new FocusDocument { Chosen = Day(focus.Chosen), Reason = focus.Reason }, focus.Way);

    /// <summary>The document of when and how somebody trains.</summary>
    public static WeekDocument Document(MyWeek week) =>
        new()
        {
            Days =
            [
                .. week.Days.Select(d => new TrainingDayDocument
                {
                    Day = Term.Of(d.Day),
                    Attire = d.Attire is { } worn ? Term.Of(worn) : null,
                    Drilling = d.Drilling,
                    Positional = d.Positional,
                    OpenMat = d.OpenMat ? true : null,
                    Time = d.Time?.ToString("HH:mm", CultureInfo.InvariantCulture),
                }),
            ],
            DaysOff = Days(week.DaysOff),
            Competition = week.Competition is { } coming
                ? new CompetitionDocument
                {
                    Date = Day(coming.Date),
                    Attire = coming.Attire is { } worn ? Term.Of(worn) : null,
                    Division = coming.Division,
                    Rules = coming.Rules,
                }
                : null,
            Sore =
                week.Sore.Count == 0
                    ? null
                    :
                    [
                        .. week.Sore.Select(s => new SoreSpotDocument
                        {
                            Place = Term.Of(s.Place),
                            Mild = s.Mild,
                            Since = Day(s.Since),
                        }),
                    ],
            Stopped = Days(week.Stopped),
            Second = week.Second.Count == 0 ? null : [.. week.Second.Order().Select(s => Term.Of(s))],
        };

    /// <summary>The document of a block.</summary>
    public static BlockDocument Document(Block block) =>
        new()
        {
            Id = block.Id,
            Start = Day(block.Start),
            End = Day(block.End),
            Focuses = [.. block.Focuses.Select(Document)],
            Reason = block.Reason,
            Verdict = block.Verdict is { } verdict ? Term.Of(verdict) : null,
        };

    /// <summary>The document of how an area was rated.</summary>
    public static RatingDocument Document(SelfRating rating) =>
        new()
        {
            Date = Day(rating.Date),
            Area = Term.Of(rating.Area),
            Score = rating.Score,
        };

    /// <summary>The document of what was done on a day.</summary>
    public static DrilledDocument Document(DrilledSession done) =>
        new()
        {
            Block = done.Block,
            Date = Day(done.Date),
            Rounds =
            [
                .. done.Rounds.Select(r => new DrilledRoundDocument
                {
                    Focus = r.Focus,
                    Rung = Term.Of(r.Rung),
                    Minutes = r.Minutes,
                    Starts = r.Starts is { } starts ? new StartsDocument { Kept = starts.Kept, Lost = starts.Lost } : null,
                    Checks =
                        r.Checks.Count == 0
                            ? null
                            :
                            [
                                .. r.Checks.Select(c => new CheckCountDocument
                                {
                                    Text = c.Text,
                                    Met = c.Met,
                                    Of = c.Of,
                                }),
                            ],
                }),
            ],
        };

    private static BlockFocusDocument Document(BlockFocus focus) =>
        Filled(
            new BlockFocusDocument
            {
                GainPerRoll = focus.GainPerRoll,
                Low = focus.Low,
                High = focus.High,
                FindOut = focus.FindOut ? true : null,
                Why = focus.Why.Length == 0 ? null : focus.Why,
                Rung = focus.Rung == Rung.Repetitions ? null : Term.Of(focus.Rung),
                RungSince = focus.RungSince is { } since ? Day(since) : null,
            },
            focus.Way
        );

    private static T Filled<T>(T written, Way way)
        where T : WayDocument
    {
        written.From = way.From.Value;
        written.By = Term.Of(way.By);
        written.Move = way.Move?.Value;
        written.To = way.To?.Value;
        written.Side = way.Side is { } side ? Term.Of(side) : null;
        return written;
    }

    private static List<string?>? Days(IReadOnlyList<DateOnly> days) => days.Count == 0 ? null : [.. days.Select(Day)];

    private static string Day(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
}
