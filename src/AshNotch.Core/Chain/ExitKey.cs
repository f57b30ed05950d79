using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>A way out of a place: whose move, which, and where to.</summary>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move, or null where nobody named it.</param>
/// <param name="To">The place reached, seen from me; null is a tap.</param>
public readonly record struct ExitKey(Who By, MoveId? Move, PlaceId? To)
{
    /// <summary>Whether it is of this exchange, its place aside: the move, wherever it leads; or an unnamed change to the same place.</summary>
    public bool IsOf(Way way) => By == way.By && Move == way.Move && (Move is not null || To == way.To);
}
