using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Names;

/// <summary>Words that hold a telling together. As a name for a move, one of them would put that move wherever somebody writes.</summary>
public static class GrammarWords
{
    private static readonly HashSet<string> All = [.. WordLists.Read("grammar-words.txt").Values.SelectMany(w => w)];

    /// <summary>A name is nothing but such words.</summary>
    public static bool Are(string name) =>
        name.Split([' ', '-', '\'', '’'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries) is [_, ..] words
        && words.All(w => All.Contains(w.ToLowerInvariant()));
}
