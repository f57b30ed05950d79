using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>The small words, by what they do in a clause. Read from <c>grammar.txt</c>.</summary>
internal static class Grammar
{
    private static readonly Dictionary<string, HashSet<string>> Sets = WordLists.Read("grammar.txt");

    /// <summary>Whether a word is of a kind.</summary>
    public static bool Is(string kind, string word) => Sets[kind].Contains(word);

    /// <summary>The words of a kind.</summary>
    public static IReadOnlySet<string> Of(string kind) => Sets[kind];
}
