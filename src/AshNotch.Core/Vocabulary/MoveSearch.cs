namespace AshNotch.Core.Vocabulary;

/// <summary>Finds moves by letters of their names.</summary>
public static class MoveSearch
{
    /// <summary>Moves one of whose names holds the letters: those that begin with them first, then the more common.</summary>
    public static IReadOnlyList<Move> Find(MatVocabulary vocabulary, string letters, int most)
    {
        var wanted = letters.Trim();
        if (wanted.Length == 0)
            return [];
        return
        [
            .. vocabulary
                .Moves.Where(m => m.Names.Any(n => n.Contains(wanted, StringComparison.OrdinalIgnoreCase)))
                .OrderByDescending(m => m.Name.StartsWith(wanted, StringComparison.OrdinalIgnoreCase))
                .ThenByDescending(m => m.Common)
                .ThenBy(m => m.Name, StringComparer.OrdinalIgnoreCase)
                .Take(most),
        ];
    }
}
