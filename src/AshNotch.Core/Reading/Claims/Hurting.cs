using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>
/// What somebody most likely tapped to, where nothing is named but the part of the body: "he leaned back with my foot, I tapped". Read from
/// <c>bodies-tapped.txt</c>.
/// </summary>
internal static class Hurting
{
    private const int LookBack = 30;

    private static readonly Dictionary<string, MoveId> ByPart = ShippedFile
        .Rows("bodies-tapped.txt")
        .Select(row => row.Split(": "))
        .SelectMany(row => row[1].Split("; "), (row, part) => (part, Move: new MoveId(row[0])))
        .ToDictionary(row => row.part, row => row.Move);

    /// <summary>The move; null when no part of the one who tapped is told of in that sentence or the one before it.</summary>
    /// <param name="words">The words.</param>
    /// <param name="tap">Index of the word that says the tap.</param>
    /// <param name="tapped">Who tapped.</param>
    public static MoveId? By(IReadOnlyList<Word> words, int tap, Who tapped)
    {
        var stops = 0;
        for (var i = tap - 1; i > Math.Max(0, tap - LookBack); i--)
        {
            if (words[i + 1].AfterStop && ++stops > 1)
                return null;
            if (ByPart.TryGetValue(words[i].Text, out var move) && IsOwn(words, i, tapped))
                return move;
        }
        return null;
    }

    private static bool IsOwn(IReadOnlyList<Word> words, int part, Who tapped)
    {
        var owner = part > 1 && Grammar.Is("of-two", words[part - 1].Text) ? part - 2 : part - 1;
        return owner >= 0 && Grammar.Is(tapped == Who.Me ? "me-owner" : "partner-owner", words[owner].Text);
    }
}
