using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Tallies;

/// <summary>What is counted in a tally, and for whom. Read from <c>tallies.txt</c>.</summary>
internal static class TallyWords
{
    private static readonly string[] NoMoves = ["me", "partner", "none"];

    private static readonly List<(string Kind, string[] Phrase)> Rows =
    [
        .. ShippedFile
            .Rows("tallies.txt")
            .Select(row => row.Split(": "))
            .SelectMany(row => row[1].Split("; ").Select(p => (row[0], p.Split(' '))))
            .OrderByDescending(row => row.Item2.Length),
    ];

    /// <summary>All phrases, by what they count or say.</summary>
    public static IReadOnlyList<(string Kind, string[] Phrase)> Phrases => Rows;

    /// <summary>What is counted by the words at a place, and how many words that is.</summary>
    public static (MoveId Move, int Count)? Counted(IReadOnlyList<Word> words, int at) =>
        Rows.Where(r => !NoMoves.Contains(r.Kind) && Phrase.Stands(r.Phrase, words, at))
            .Select(r => ((MoveId, int)?)(new MoveId(r.Kind), r.Phrase.Length))
            .FirstOrDefault();

    /// <summary>Whose a number is by the words at a place.</summary>
    public static (Who Who, int Count)? Side(IReadOnlyList<Word> words, int at) =>
        Rows.Where(r => r.Kind is "me" or "partner" && Phrase.Stands(r.Phrase, words, at))
            .Select(r => ((Who, int)?)(r.Kind == "me" ? Who.Me : Who.Partner, r.Phrase.Length))
            .FirstOrDefault();

    /// <summary>A number up to nine, or none.</summary>
    public static (int Value, int Count)? Number(IReadOnlyList<Word> words, int at) =>
        at >= words.Count ? null
        : Rows.Any(r => r.Kind == "none" && Phrase.Stands(r.Phrase, words, at)) ? (0, 1)
        : Numbers.At(words, at) is { Value: >= 0 and < 10, Unit.Length: 0 } n && n.Value == Math.Floor(n.Value) ? ((int)n.Value, n.Count)
        : null;
}
