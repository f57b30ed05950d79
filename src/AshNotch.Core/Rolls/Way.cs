using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>One exchange as it is ranked, chosen, drilled and followed: a way out of a place, whose it is and which.</summary>
/// <param name="From">The place it starts from, seen from me.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move; null for a change of place, or a finish, that nobody named.</param>
/// <param name="To">The place it leads to where no move is named, null for a finish then; null where a move is named, wherever it leads.</param>
/// <param name="Side">The side it is worked on; null for both.</param>
public sealed record Way(PlaceId From, Who By, MoveId? Move, PlaceId? To = null, BodySide? Side = null)
{
    /// <summary>The way that an event from a place was: where it led tells it apart only where no move is named.</summary>
    public static Way Of(PlaceId from, Who by, MoveId? move, PlaceId? to) => new(from, by, move, move is null ? to : null);

    /// <summary>The same way on both sides.</summary>
    public Way OnBothSides() => Side is null ? this : this with { Side = null };

    /// <summary>Whether it is a finish that nobody named.</summary>
    internal bool IsUnnamedFinish => Move is null && To is null;

    /// <summary>What its odds are multiplied by when I get better at it: mine double, theirs halve.</summary>
    internal double Better => By == Who.Me ? 2 : 0.5;
}
