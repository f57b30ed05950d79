using AshNotch.Core.Drilling.Areas;
using AshNotch.Core.Drilling.Choosing;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Week;

namespace AshNotch.Core.Drilling;

/// <summary>What one practitioner chose to drill, when they train, and what they did of it.</summary>
public sealed record Drills
{
    // After that it is plain that nobody will.
    private const int DaysToDecide = 28;

    /// <summary>Nothing was chosen yet.</summary>
    public static Drills None { get; } = new();

    /// <summary>What was chosen without a block, newest last.</summary>
    public IReadOnlyList<Focus> Focuses { get; init; } = [];

    /// <summary>When and how they train; null until they said so.</summary>
    public MyWeek? Week { get; init; }

    /// <summary>The blocks, the oldest first; no two share a day.</summary>
    public IReadOnlyList<Block> Blocks { get; init; } = [];

    /// <summary>What was done of them, the oldest first.</summary>
    public IReadOnlyList<DrilledSession> Done { get; init; } = [];

    /// <summary>How they rate themselves by area, the oldest first.</summary>
    public IReadOnlyList<SelfRating> Ratings { get; init; } = [];

    /// <summary>The block that runs on a day, or is to begin after it; null where none is.</summary>
    public Block? Running(DateOnly day) => Blocks.FirstOrDefault(b => b.End >= day && b.Verdict is null);

    /// <summary>The block that ended last before a day and of which nothing was decided yet; null where none did in the four weeks before.</summary>
    public Block? ToDecide(DateOnly day) =>
        Blocks.LastOrDefault(b => b.End < day && b.Verdict is null) is { } last && last.End >= day.AddDays(-DaysToDecide) ? last : null;

    /// <summary>What of that is left to settle before it is proposed anew: all that is not to be deepened.</summary>
    public IReadOnlyList<Drilled> Settling(DateOnly day) =>
        (this with { Blocks = [.. Blocks.Where(b => b.Verdict != Verdict.Deepen)] }).Before(day);

    /// <summary>What was drilled in the blocks that ended before a day, or were decided on it, and was not dropped.</summary>
    public IReadOnlyList<Drilled> Before(DateOnly day) =>
        [
            .. Blocks
                .Where(b => b.End < day || (b.Verdict is not null && b.Start < day))
                .Where(b => b.Verdict != Verdict.Drop)
                .SelectMany(b => b.Focuses.Where(f => !f.FindOut).Select(f => new Drilled(f.Way, b.End))),
        ];

    /// <summary>What of these another does not know; where both know of a week, a block or a day, the other's stands.</summary>
    public Drills NewTo(Drills known) =>
        this with
        {
            Focuses = [.. Focuses.Where(f => !known.Focuses.Contains(f))],
            Week = known.Week is null ? Week : null,
            Blocks = [.. Blocks.Where(b => known.Blocks.All(k => k.Id != b.Id))],
            Done = [.. Done.Where(d => known.Done.All(k => (k.Block, k.Date) != (d.Block, d.Date)))],
            Ratings = [.. Ratings.Where(r => known.Ratings.All(k => (k.Area, k.Date) != (r.Area, r.Date)))],
        };

    /// <summary>The same so many days later; for the demo, which is always fresh.</summary>
    public Drills ShiftedBy(int days) =>
        this with
        {
            Focuses = [.. Focuses.Select(f => f with { Chosen = f.Chosen.AddDays(days) })],
            Week = Week?.ShiftedBy(days),
            Blocks =
            [
                .. Blocks.Select(b =>
                    b with
                    {
                        Start = b.Start.AddDays(days),
                        End = b.End.AddDays(days),
                        Focuses = [.. b.Focuses.Select(f => f with { RungSince = f.RungSince?.AddDays(days) })],
                    }
                ),
            ],
            Done = [.. Done.Select(d => d with { Date = d.Date.AddDays(days) })],
            Ratings = [.. Ratings.Select(r => r with { Date = r.Date.AddDays(days) })],
        };
}
