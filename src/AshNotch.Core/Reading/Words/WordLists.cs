using System.Reflection;

namespace AshNotch.Core.Reading.Words;

/// <summary>Lists of words that ship as data: a row is <c>kind: word word ...</c>, a line that begins with # is a remark.</summary>
internal static class WordLists
{
    /// <summary>The lists of a file, by kind.</summary>
    public static Dictionary<string, HashSet<string>> Read(string file)
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream(file)!;
        using var reader = new StreamReader(stream);
        var lists = new Dictionary<string, HashSet<string>>();
        while (reader.ReadLine() is { } line)
        {
            if (line.Length == 0 || line[0] == '#')
                continue;
            var parts = line.Split(": ");
            lists[parts[0]] = [.. parts[1].Split(' ')];
        }
        return lists;
    }
}
