using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Names;

/// <summary>
/// Everyday words that stand beside a name when it is no name of the trade: a camera mount, the turtle in the tank, the mats that were
/// swept.
/// </summary>
internal static class EverydayCompany
{
    private const int Before = 3;
    private const int After = 4;

    // By the stem of the name's last word.
    private static readonly Dictionary<string, HashSet<string>> Company = Read();

    /// <summary>Whether one of these words stands a few words from the name, in the same sentence.</summary>
    public static bool Keeps(IReadOnlyList<Word> words, int first, int last)
    {
        if (!Company.TryGetValue(words[last].Stem, out var company))
            return false;
        for (var i = first; i > Math.Max(0, first - Before) && !words[i].AfterStop; i--)
            if (company.Contains(words[i - 1].Text))
                return true;
        for (var i = last + 1; i < Math.Min(words.Count, last + 1 + After) && !words[i].AfterStop; i++)
            if (company.Contains(words[i].Text))
                return true;
        return false;
    }

    private static Dictionary<string, HashSet<string>> Read()
    {
        var company = new Dictionary<string, HashSet<string>>();
        foreach (var line in ShippedFile.Rows("company.txt"))
            if (line.Split(": ") is [var name, var beside])
                company[Word.StemOf(name)] = [.. beside.Split(' ')];
        return company;
    }
}
