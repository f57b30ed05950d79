namespace AshNotch.Core.Reading;

/// <summary>
/// Everyday words that stand beside a name when it is no name of the trade: a camera mount, the turtle in the tank, the mats that were
/// swept.
/// </summary>
internal static class EverydayCompany
{
    private const int Before = 3;
    private const int After = 4;

    // By the stem of the name's last word.
    private static readonly Dictionary<string, HashSet<string>> Company = new Dictionary<string, string>
    {
        ["mount"] = "camera tv phone bike",
        ["hook"] = "coat coats bag bags fish",
        ["spider"] = "ceiling web bathroom bite",
        ["butterfly"] = "stroke garden stomach net",
        ["turtle"] = "tank pet sea beach",
        ["bridge"] = "boat river city traffic",
        ["saddle"] = "bike horse",
        ["guard"] = "gate security teeth",
        ["truck"] = "drove drive driver load loaded parked pickup food highway",
        ["frame"] = "picture photo poster bike glasses",
        ["reverse"] = "car truck roles order",
        ["collar"] = "shirt dog laundry",
        ["sleeve"] = "shirt tattoo sweater",
        ["cradle"] = "baby",
        ["trip"] = "vacation holiday airport",
        ["pass"] = "exam test town law salt",
        ["shoot"] = "email emails photo photos video hoops vodka tequila",
        ["single"] = "photo mom dad child song",
        ["double"] = "espresso shift scoop cheeseburger",
        ["throw"] = "party trash",
        ["choke"] = "water food",
        ["seat"] = "row chair bus car bike",
        ["stack"] = "chairs dishes books",
        ["scissor"] = "paper",
    }.ToDictionary(c => Word.StemOf(c.Key), c => c.Value.Split(' ').ToHashSet());

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
}
