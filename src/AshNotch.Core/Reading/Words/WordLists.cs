using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Words;

/// <summary>Lists of words that ship as data: a row is <c>kind: word word ...</c>, a line that begins with # is a remark.</summary>
internal static class WordLists
{
    /// <summary>The lists of a file, by kind.</summary>
    public static Dictionary<string, HashSet<string>> Read(string file)
    {
        var lists = new Dictionary<string, HashSet<string>>();
        foreach (var line in ShippedFile.Rows(file))
        {
            var parts = line.Split(": ");
            lists[parts[0]] = [.. parts[1].Split(' ')];
        }
        return lists;
    }
}
