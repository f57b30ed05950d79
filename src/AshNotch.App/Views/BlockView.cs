using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A block with its focuses in words.</summary>
/// <param name="Block">The block.</param>
/// <param name="Focuses">Its focuses.</param>
public sealed record BlockView(BlockDocument Block, IReadOnlyList<BlockFocusView> Focuses)
{
    /// <summary>The view of a block, its focuses on the rungs they have come to.</summary>
    public static BlockView Of(Block block, IEnumerable<DrilledSession> done, MatVocabulary vocabulary) =>
        new(
            DrillWriting.Document(block),
            [
                .. Progress
                    .Now(block, done)
                    .Focuses.Select(f => new BlockFocusView(
                        f.Way,
                        WayWords.AsWork(f.Way, vocabulary),
                        f.Why,
                        f.Rung,
                        vocabulary.Move(f.Way.Move)?.Caution
                    )),
            ]
        );
}
