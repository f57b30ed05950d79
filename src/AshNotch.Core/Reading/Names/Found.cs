using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Names;

/// <summary>A name of the vocabulary found in a retelling.</summary>
/// <param name="First">Index of its first word.</param>
/// <param name="Count">How many words it takes.</param>
/// <param name="Position">The position it names, or null.</param>
/// <param name="Move">The move it names, or null.</param>
/// <param name="ByEar">It was not written as it is spelled, and is taken for this by its sound or a near spelling.</param>
public sealed record Found(int First, int Count, Position? Position, Move? Move, bool ByEar = false)
{
    /// <summary>Index of the word after it.</summary>
    public int After => First + Count;

    /// <summary>It is told by what bodies do, and whose: "bent my arm the wrong way".</summary>
    internal bool IsBodily { get; init; }
}
