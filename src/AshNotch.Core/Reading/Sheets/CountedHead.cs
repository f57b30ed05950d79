using System.Buffers;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Sheets;

/// <summary>
/// A head that counts what is listed after it: "three subs against me today: armbar, ...", "one for me, an americana", "got him with two, ...".
/// Its words come from <c>sides.txt</c>, in any order.
/// </summary>
internal static class CountedHead
{
    private const int Longest = 9;

    private static readonly SearchValues<char> Joints = SearchValues.Create(":(,–=→");

    /// <summary>
    /// The head that begins at a word: whose its list is, whether it came off, and the first word of the list; null when none does.
    /// </summary>
    public static (Who Who, bool CameOff, int List)? At(IReadOnlyList<Word> words, int first)
    {
        Who? who = null;
        var (cameOff, isShort) = (true, false);
        var (isCounted, isNumbered) = (false, false);
        for (var i = first; i < Math.Min(words.Count, first + Longest); )
        {
            if (i > first && Separates(words[i].Before) && !IsNumber(words, i, isNumbered))
                return who is { } whose && Lists(words, i, isNumbered, isCounted, isShort) ? (whose, cameOff, i) : null;
            if (who is null && Side(words, i) is var (side, came, count))
                (who, cameOff, isShort, i) = (side, came, count == 1, i + count);
            else if (!isNumbered && Number(words, i) is { } length)
                (isNumbered, i) = (true, i + length);
            else if (!isCounted && SideWords.Has("counted", words[i].Text))
                (isCounted, i) = (true, i + 1);
            else if (i > first && SideWords.Has("besides", words[i].Text))
                i++;
            else
                return null;
        }
        return null;
    }

    private static bool Separates(string before) => before.AsSpan().ContainsAny(Joints) || before.Contains(" - ", StringComparison.Ordinal);

    // A comma alone may as well end a clause: "I hit two sweeps, he passed". A bracket may say more of one: "sweep me (butterfly)".
    private static bool Lists(IReadOnlyList<Word> words, int at, bool isNumbered, bool isCounted, bool isShort)
    {
        var before = words[at].Before;
        return before.Contains(',', StringComparison.Ordinal) ? isNumbered && !isShort && !SideWords.Has("goes-on", words[at].Text)
            : before.Contains('(', StringComparison.Ordinal) ? isNumbered
            : isNumbered || isCounted;
    }

    // "Wins: 2 (both ...)".
    private static bool IsNumber(IReadOnlyList<Word> words, int at, bool isNumbered) =>
        !isNumbered
        && words[at].Before.Contains(':', StringComparison.Ordinal)
        && Number(words, at) is { } length
        && at + length < words.Count
        && words[at + length].Before.Contains('(', StringComparison.Ordinal);

    private static (Who Who, bool CameOff, int Count)? Side(IReadOnlyList<Word> words, int at)
    {
        (Who, bool, int)? longest = null;
        foreach (
            var (kind, who, cameOff) in ((string, Who, bool)[])
                [("counted-me", Who.Me, true), ("counted-partner", Who.Partner, true), ("counted-stopped", Who.Partner, false)]
        )
        foreach (var phrase in SideWords.Of(kind))
            if (phrase.Length > (longest?.Item3 ?? 0) && Phrase.Stands(phrase, words, at))
                longest = (who, cameOff, phrase.Length);
        return longest;
    }

    private static int? Number(IReadOnlyList<Word> words, int at) =>
        words[at].Text is "once" || Numbers.Times(words, at) is not null ? 1
        : Numbers.At(words, at) is { Value: > 0 and < 10, Unit: "" or "x" } number ? number.Count
        : null;
}
