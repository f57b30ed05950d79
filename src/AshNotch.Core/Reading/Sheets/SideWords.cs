using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Sheets;

/// <summary>The words that say whose a line is. Read from <c>sides.txt</c>.</summary>
internal static class SideWords
{
    private static readonly Dictionary<string, IReadOnlyList<string[]>> Rows = ShippedFile
        .Rows("sides.txt")
        .Select(row => row.Split(": "))
        .ToDictionary(
            row => row[0],
            row =>
                (IReadOnlyList<string[]>)
                    [.. row[1].Split(row[1].Contains(';') ? "; " : " ").Select(p => p.Split(' ')).OrderByDescending(p => p.Length)]
        );

    /// <summary>The phrases of a kind, longest first.</summary>
    public static IReadOnlyList<string[]> Of(string kind) => Rows[kind];

    /// <summary>Whether a text holds a sign of a kind.</summary>
    public static bool HasSign(string kind, string text) =>
        text.Length > 1 && Rows[kind].Any(s => text.Contains(s[0], StringComparison.Ordinal));

    /// <summary>Whose a line is by the plus or the minus at its head; null when neither stands there.</summary>
    public static Who? Weighed(string line) =>
        Begins("plus", line) ? Who.Me
        : Begins("minus", line) ? Who.Partner
        : null;

    private static bool Begins(string kind, string line) =>
        line.TrimStart() is { Length: > 2 } told && char.IsWhiteSpace(told[1]) && Rows[kind].Any(s => s[0][0] == told[0]);

    /// <summary>Whether one word is of a kind.</summary>
    public static bool Has(string kind, string word) => Rows[kind].Any(p => p.Length == 1 && p[0] == word);
}
