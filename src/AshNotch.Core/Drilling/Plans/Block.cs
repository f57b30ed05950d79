using AshNotch.Core.Drilling.Choosing;

namespace AshNotch.Core.Drilling.Plans;

/// <summary>Some weeks in which one exchange is drilled, with at most two beside it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Start">The first day.</param>
/// <param name="End">The last day.</param>
/// <param name="Focuses">The main one first.</param>
/// <param name="Reason">Why something else was chosen than the first that was proposed, in the practitioner's words; null where it was not.</param>
public sealed record Block(string Id, DateOnly Start, DateOnly End, IReadOnlyList<BlockFocus> Focuses, string? Reason)
{
    /// <summary>The fewest weeks of a block.</summary>
    public const int LeastWeeks = 2;

    /// <summary>The most weeks of a block.</summary>
    public const int MostWeeks = 6;

    /// <summary>A block of so many weeks from a day, of the focuses of a proposed set.</summary>
    public static Block Of(string id, FocusSet set, DateOnly start, int weeks) =>
        new(id, start, start.AddDays(7 * weeks - 1), [.. set.Focuses.Select(BlockFocus.Of)], null);

    /// <summary>Whether a day is in it.</summary>
    public bool Holds(DateOnly day) => day >= Start && day <= End;
}
