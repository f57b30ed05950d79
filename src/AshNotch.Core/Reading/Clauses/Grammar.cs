using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>The small words, by what they do in a clause. Read from <c>grammar.txt</c>.</summary>
internal static class Grammar
{
    private static readonly Dictionary<string, HashSet<string>> Sets = WordLists.Read("grammar.txt");

    /// <summary>Whether a word is of a kind.</summary>
    public static bool Is(string kind, string word) => Sets[kind].Contains(word);

    /// <summary>"Ahead on sweeps": a word that counts what was done, and tells of none of it.</summary>
    public static bool IsAheadOn(IReadOnlyList<Word> words, int at) =>
        at > 1 && words[at - 1].Text == "on" && Is("ahead", words[at - 2].Text) && !words[at].AfterPause;

    /// <summary>The words of a kind.</summary>
    public static IReadOnlySet<string> Of(string kind) => Sets[kind];
}
