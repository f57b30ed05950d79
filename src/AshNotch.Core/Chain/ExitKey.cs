using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>A way out of a place: whose move, which, and where to.</summary>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move, or null where nobody named it.</param>
/// <param name="To">The place reached, seen from me; null is a tap.</param>
public readonly record struct ExitKey(Who By, MoveId? Move, PlaceId? To)
{
    /// <summary>Whether it is this side's move, wherever it leads; or, where no move is named, an unnamed change to this place.</summary>
    public bool IsOf(Who by, MoveId? move, PlaceId? to) => By == by && (move is not null ? Move == move : Move is null && To == to);
}
