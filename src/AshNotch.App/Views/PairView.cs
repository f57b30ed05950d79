using AshNotch.Core.Repertoire;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>Something that opens a move.</summary>
/// <param name="Move">The move that comes off.</param>
/// <param name="Say">It in a sentence.</param>
/// <param name="Rolls">The rolls behind it, the newest first.</param>
public sealed record PairView(string Move, string Say, IReadOnlyList<string> Rolls)
{
    private const int MostRolls = 12;

    /// <summary>The view of a pair.</summary>
    public static PairView Of(Opening pair, Who by, MatVocabulary vocabulary) =>
        new(pair.Move.Value, MoveWords.Of(pair, by, vocabulary), [.. pair.Rolls.Reverse().Take(MostRolls)]);
}
