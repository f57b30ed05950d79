using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>What to say beside a roll in which moves can hurt.</summary>
public static class Cautions
{
    /// <summary>A line for each move of a roll that has a caution, each once.</summary>
    public static IReadOnlyList<string> Of(Roll roll, MatVocabulary vocabulary) =>
        [.. roll.Notches.Select(n => vocabulary.Move(n.Move)).OfType<Move>().Where(m => m.Caution is not null).Select(Line).Distinct()];

    private static string Line(Move move) => $"{char.ToUpperInvariant(move.Name[0])}{move.Name[1..]}: {move.Caution}";
}
