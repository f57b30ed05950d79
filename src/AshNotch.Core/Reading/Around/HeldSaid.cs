using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Around;

/// <summary>Where a telling says that a place was held, or was not. The wordings stand in <c>held.txt</c>.</summary>
/// <param name="At">Where in the text it is said.</param>
/// <param name="Held">Whether; null where only the seconds are said.</param>
/// <param name="Seconds">For how long, where it is said.</param>
/// <param name="IsOfHooks">It is said of the back alone.</param>
/// <param name="IsOfLost">It is said of how the other got out: "he swept me back before three seconds".</param>
internal sealed record HeldSaid(int At, bool? Held, double? Seconds, bool IsOfHooks, bool IsOfLost)
{
    // Somebody who speaks of something else in between does not mean it any more.
    private const int SameBreath = 90;

    /// <summary>The wordings, the longest first, each with whether it says held, whether of the back alone, and its example.</summary>
    public static IReadOnlyList<(string[] Words, bool Held, bool IsOfHooks, string Example)> Wordings { get; } =
    [
        .. ShippedFile
            .Rows("held.txt")
            .Select(r => r.Split(" | "))
            .Select(p => (p[0].Split(' '), p[1] is "yes" or "hooks", p[1].EndsWith("hooks", StringComparison.Ordinal), p[2]))
            .OrderByDescending(w => w.Item1.Length),
    ];

    /// <summary>All that a text says of it, in order.</summary>
    public static IReadOnlyList<HeldSaid> In(IReadOnlyList<Word> words)
    {
        var said = new List<HeldSaid>();
        for (var i = 0; i < words.Count; i++)
        {
            if (Counted(words, i) is { } seconds)
            {
                said.Add(new HeldSaid(words[i].Start, null, seconds, false, false));
                i += 2;
            }
            else if (Wordings.FirstOrDefault(w => Phrase.Stands(w.Words, words, i)) is { Words: not null } wording)
            {
                said.Add(new HeldSaid(words[i].Start, wording.Held, null, wording.IsOfHooks, wording.Words[0] == "before"));
                i += wording.Words.Length - 1;
            }
        }
        return said;
    }

    /// <summary>Which of the notches it is said of, the last that it may be; -1 for none.</summary>
    public int Of(List<Notch> notches, MatVocabulary vocabulary)
    {
        var last = notches.FindLastIndex(n => IsOf(n, vocabulary));
        if (!IsOfLost || last < 0)
            return last;
        var before = notches.FindLastIndex(last, n => IsOf(n, vocabulary) && n.By != notches[last].By);
        return before >= 0 ? before : last;
    }

    // One that led above the other, told just before.
    private bool IsOf(Notch notch, MatVocabulary vocabulary) =>
        notch is { Outcome: Outcome.Landed, Span: { } span }
        && span.Start < At
        && At - span.End < SameBreath
        && vocabulary.Place(notch.To)?.SeenBy(notch.By) is { IsTop: true } to
        && (!IsOfHooks || to.Position.Family == Family.Back);

    // "For two seconds".
    private static double? Counted(IReadOnlyList<Word> words, int i) =>
        i + 2 < words.Count
        && words[i].Text == "for"
        && words[i + 2].Text is "second" or "seconds" or "sec" or "secs"
        && Numbers.At(words, i + 1) is { Count: 1, Unit: "" } count
            ? count.Value
            : null;
}
