using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Repertoire;

/// <summary>What may open something: a try of one's own, a threat of it, or what was let happen on purpose.</summary>
/// <param name="Move">The move; null where a place was let have that nobody named a move for.</param>
/// <param name="To">The place that was let have; null for a try of one's own.</param>
/// <param name="Given">It was the other's, let happen.</param>
public readonly record struct SetUp(MoveId? Move, PlaceId? To, bool Given)
{
    /// <summary>What a notch sets up for somebody; null for nothing.</summary>
    internal static SetUp? Of(Notch notch, Who by) =>
        notch.By == by
            ? notch is { Move: { } move, Given: null }
                ? new SetUp(move, null, false)
                : null
            : notch.Given != by || notch.Outcome != Outcome.Landed
                ? null
                : notch.Move is { } theirs
                    ? new SetUp(theirs, null, true)
                    : notch.To is { } to
                        ? new SetUp(null, to, true)
                        : null;
}
