using AshNotch.Core.Drilling.Choosing;
using AshNotch.Core.Drilling.Rounds;

namespace AshNotch.Core.Drilling.Plans;

/// <summary>Some weeks in which one exchange is drilled, with at most two beside it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Start">The first day.</param>
/// <param name="End">The last day.</param>
/// <param name="Focuses">The main one first.</param>
/// <param name="Reason">Why something else was chosen than what was proposed first, in the practitioner's words; else null.</param>
/// <param name="Verdict">What became of it, as decided after its review; null until then.</param>
public sealed record Block(
    string Id,
    DateOnly Start,
    DateOnly End,
    IReadOnlyList<BlockFocus> Focuses,
    string? Reason,
    Verdict? Verdict = null
)
{
    /// <summary>The fewest weeks of a block.</summary>
    public const int LeastWeeks = 2;

    /// <summary>The most weeks of a block.</summary>
    public const int MostWeeks = 6;

    /// <summary>A block of so many weeks from a day, of the focuses of a proposed set.</summary>
    public static Block Of(string id, FocusSet set, DateOnly start, int weeks) =>
        new(id, start, start.AddDays(7 * weeks - 1), [.. set.Focuses.Select(BlockFocus.Of)], null);

    /// <summary>The block as another begins: one that runs ends the day before, one that had not begun is none.</summary>
    public Block? EndedBefore(DateOnly start) =>
        End < start ? this
        : Start < start ? this with { End = start.AddDays(-1) }
        : null;

    /// <summary>The block with a focus moved by hand.</summary>
    public Block WithRung(int focus, Rung rung, DateOnly today) =>
        this with
        {
            Focuses = [.. Focuses.Select((f, i) => i == focus ? f with { Rung = rung, RungSince = today } : f)],
        };

    /// <summary>The block with one more focus beside the others; one that it has already takes the reason. Null where it has its three.</summary>
    public Block? Beside(BlockFocus focus, string? reason) =>
        Focuses.Any(f => f.Way == focus.Way)
            ? this with
            {
                Focuses = [.. Focuses.Select(f => f.Way == focus.Way && reason is not null ? f with { Why = reason } : f)],
            }
        : Focuses.Count < Proposing.Most ? this with { Focuses = [.. Focuses, focus] }
        : null;

    /// <summary>The block with what became of it; where it still runs it ends with that, at the earliest on its first day.</summary>
    public Block Decided(Verdict verdict, DateOnly today) =>
        this with
        {
            Verdict = verdict,
            End =
                End <= today ? End
                : today > Start ? today
                : Start,
        };
}
