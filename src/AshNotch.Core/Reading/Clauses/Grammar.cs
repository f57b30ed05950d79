using System.Reflection;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>The small words, by what they do in a clause. Read from <c>grammar.txt</c>.</summary>
internal static class Grammar
{
    private static readonly Dictionary<string, HashSet<string>> Sets = Read();

    /// <summary>Whether a word is of a kind.</summary>
    public static bool Is(string kind, string word) => Sets[kind].Contains(word);

    private static Dictionary<string, HashSet<string>> Read()
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream("grammar.txt")!;
        using var reader = new StreamReader(stream);
        var sets = new Dictionary<string, HashSet<string>>();
        while (reader.ReadLine() is { } line)
        {
            if (line.Length == 0 || line[0] == '#')
                continue;
            var parts = line.Split(": ");
            sets[parts[0]] = [.. parts[1].Split(' ')];
        }
        return sets;
    }
}
