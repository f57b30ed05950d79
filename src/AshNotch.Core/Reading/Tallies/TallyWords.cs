using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Tallies;

/// <summary>What is counted in a tally, and for whom. Read from <c>tallies.txt</c>.</summary>
internal static class TallyWords
{
    private static readonly ILookup<string, (string Kind, string[] Phrase)> ByFirst = ShippedFile
        .Rows("tallies.txt")
        .Select(row => row.Split(": "))
        .SelectMany(row => row[1].Split("; ").Select(p => (Kind: row[0], Phrase: p.Split(' '))))
        .OrderByDescending(row => row.Phrase.Length)
        .ToLookup(row => row.Phrase[0]);

    /// <summary>All phrases, by what they count or say.</summary>
    public static IReadOnlyList<(string Kind, string[] Phrase)> Phrases { get; } = [.. ByFirst.SelectMany(rows => rows)];

    /// <summary>What is counted by the words at a place, and how many words that is.</summary>
    public static (MoveId Move, int Count)? Counted(IReadOnlyList<Word> words, int at) =>
        At(words, at, kind => kind is not ("me" or "partner" or "none")) is { } row ? (new MoveId(row.Kind), row.Phrase.Length) : null;

    /// <summary>Whose a number is by the words at a place.</summary>
    public static (Who Who, int Count)? Side(IReadOnlyList<Word> words, int at) =>
        At(words, at, kind => kind is "me" or "partner") is { } row ? (row.Kind == "me" ? Who.Me : Who.Partner, row.Phrase.Length) : null;

    /// <summary>A number up to nine, or none.</summary>
    public static (int Value, int Count)? Number(IReadOnlyList<Word> words, int at) =>
        at >= words.Count ? null
        : At(words, at, kind => kind == "none") is not null ? (0, 1)
        : Numbers.At(words, at) is { Value: >= 0 and < 10, Unit: "" or "x" } n && n.Value == Math.Floor(n.Value) ? ((int)n.Value, n.Count)
        : null;

    private static (string Kind, string[] Phrase)? At(IReadOnlyList<Word> words, int at, Func<string, bool> isOf)
    {
        if (at >= words.Count)
            return null;
        foreach (var row in ByFirst[words[at].Text])
            if (isOf(row.Kind) && Phrase.Stands(row.Phrase, words, at))
                return row;
        return null;
    }
}
