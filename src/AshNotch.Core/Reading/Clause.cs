using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>A stretch of a retelling in which one thing is said of one person.</summary>
/// <param name="Words">All words of the retelling.</param>
/// <param name="First">Index of its first word.</param>
/// <param name="After">Index of the word after it.</param>
/// <param name="Found">Names found in it.</param>
/// <param name="NewSentence">It opens a sentence or a line.</param>
/// <param name="Names">Stems of the partner's name.</param>
internal sealed record Clause(
    IReadOnlyList<Word> Words,
    int First,
    int After,
    IReadOnlyList<Found> Found,
    bool NewSentence,
    IReadOnlySet<string> Names
)
{
    /// <summary>
    /// Nobody says one thing in more words. What looks at a clause looks at it again for each name in it, so its length must be bounded for
    /// the time of reading to grow with the text alone.
    /// </summary>
    public const int MostWords = 100;

    private static readonly HashSet<string> Joins =
    [
        "and",
        "then",
        "but",
        "so",
        "until",
        "till",
        "because",
        "cause",
        "cuz",
        "since",
        "when",
        "while",
        "before",
        "after",
        "if",
        "instead",
        "although",
        "though",
        "except",
        "where",
        "which",
        "next",
        "plus",
    ];

    /// <summary>Splits a retelling at stops, arrows, joining words, and wherever somebody new begins to act; never inside a name.</summary>
    public static IReadOnlyList<Clause> Split(IReadOnlyList<Word> words, IReadOnlyList<Found> found, IReadOnlySet<string> names)
    {
        var inside = new bool[words.Count];
        var starts = new bool[words.Count];
        foreach (var f in found)
        {
            starts[f.First] = true;
            for (var i = f.First + 1; i < f.After; i++)
                inside[i] = true;
        }

        var clauses = new List<Clause>();
        var first = 0;
        var opens = true;
        var next = 0;
        for (var i = 0; i <= words.Count; i++)
        {
            var ends =
                i == words.Count
                || (i > first && !inside[i] && (i - first >= MostWords || IsBreak(words, i) || IsNewSubject(words, i, first, names)));
            if (!ends)
                continue;
            var here = new List<Found>();
            while (next < found.Count && found[next].First < i)
                here.Add(found[next++]);
            clauses.Add(new Clause(words, first, i, here, opens, names));
            if (i < words.Count)
                opens = words[i].AfterStop;
            first = i;
        }
        return clauses;
    }

    private static bool IsBreak(IReadOnlyList<Word> words, int i)
    {
        if (words[i].AfterPause && !IsClock(words, i))
            return true;
        if (words[i].Text == "next" && i + 1 < words.Count && words[i + 1].Text is not "thing" and not "time")
            return false;
        // "choked me twice once with a bow and arrow": the list begins.
        if (
            words[i].Text is "once" or "first"
            && i + 1 < words.Count
            && words[i + 1].Text is "with" or "by" or "from"
            && words[i - 1].Text is "twice" or "times" or "and"
        )
            return true;
        return Joins.Contains(words[i].Text) && !Joins.Contains(words[i - 1].Text);
    }

    // "i pull guard he passes i turtle": without stops the change of who acts is the only seam.
    private static bool IsNewSubject(IReadOnlyList<Word> words, int i, int first, IReadOnlySet<string> names)
    {
        if (People.Subject(words, i, names) is null)
            return false;
        for (var k = first; k < i; k++)
            if (
                !Joins.Contains(words[k].Text)
                && words[k].Text
                    is not (
                        "that"
                        or "like"
                        or "as"
                        or "now"
                        or "so"
                        or "um"
                        or "uh"
                        or "well"
                        or "okay"
                        or "finally"
                        or "eventually"
                        or "what"
                        or "how"
                        or "why"
                    )
            )
                return true;
        return false;
    }

    private static bool IsClock(IReadOnlyList<Word> words, int i) =>
        words[i].Before == ":" && char.IsDigit(words[i].Text[0]) && char.IsDigit(words[i - 1].Text[^1]);

    private (bool Looked, Who? Who, bool Other, int Index) subject;
    private string? said;

    /// <summary>First character.</summary>
    public int Start => Words[First].Start;

    /// <summary>One past the last character.</summary>
    public int End => Words[After - 1].End;

    /// <summary>Its words that are not part of a name, with their indices.</summary>
    public IEnumerable<(int Index, Word Word)> Loose
    {
        get
        {
            var next = 0;
            for (var i = First; i < After; i++)
            {
                while (next < Found.Count && Found[next].After <= i)
                    next++;
                if (next < Found.Count && i >= Found[next].First)
                    continue;
                yield return (i, Words[i]);
            }
        }
    }

    /// <summary>Whether a loose word has one of these stems or forms.</summary>
    public bool Has(IReadOnlySet<string> cues) => Loose.Any(l => cues.Contains(l.Word.Stem) || cues.Contains(l.Word.Text));

    /// <summary>Whether the words stand in it in this order, side by side.</summary>
    public bool Says(string phrase) => Said.Contains($" {phrase} ", StringComparison.Ordinal);

    /// <summary>Whether one of the phrases stands in it.</summary>
    public bool SaysAny(IEnumerable<string> phrases) => phrases.Any(Says);

    /// <summary>Its words in lower case with single blanks, one before and one after.</summary>
    public string Said => said ??= $" {string.Join(' ', Enumerable.Range(First, After - First).Select(i => Words[i].Text))} ";

    /// <summary>The text of a word of it, or nothing beyond its ends.</summary>
    public string At(int index) => index >= First && index < After ? Words[index].Text : "";

    /// <summary>Who acts in it: the first person named as one who acts. Null when it names none.</summary>
    public Who? Subject => Looked.Who;

    /// <summary>It tells of somebody other than the two who roll.</summary>
    public bool OfOthers => Looked.Other;

    /// <summary>Index of the word that names the one who acts, or -1.</summary>
    public int SubjectIndex => Looked.Index;

    /// <summary>The person named as an object right after a word, if any.</summary>
    public Who? ObjectAfter(int index)
    {
        if (index + 1 >= After)
            return null;
        var next = Words[index + 1].Text;
        return next is "me" ? Who.Me
            : next is "him" or "her" or "them" || Names.Contains(next) ? Who.Partner
            : null;
    }

    /// <summary>Whose the name at an index is, by the word before it: "my sweep", "his knee cut", "Birch's guard".</summary>
    public Who? OwnerOf(Found found) => Owner(found.First, found.First - 1);

    private Who? Owner(int first, int index)
    {
        if (index < First)
            return null;
        var text = Words[index].Text;
        if (text is "my" or "mine")
            return Who.Me;
        if (text is "his" or "her" or "their" or "hers")
            return Who.Partner;
        if (Names.Contains(text) || (text.EndsWith('s') && Names.Contains(text[..^1])))
            return text.EndsWith('s') && !Names.Contains(text) ? Who.Partner : null;
        // "my right knee shield", "his deep half"
        return
            index == first - 1 && text is "right" or "left" or "deep" or "own" or "open" or "closed" or "full" or "high" or "low" or "tight"
            ? Owner(first, index - 1)
            : null;
    }

    private (bool Looked, Who? Who, bool Other, int Index) Looked
    {
        get
        {
            if (subject.Looked)
                return subject;
            subject = (true, null, false, -1);
            foreach (var (index, _) in Loose)
            {
                if (People.Subject(Words, index, Names) is not { } found)
                    continue;
                subject = (true, found.Who, found.Who is null, index);
                break;
            }
            // "him: knee cut" opens a line of short-hand.
            if (
                subject.Index < 0
                && NewSentence
                && After > First
                && Words[First].Text is "him" or "her" or "them" or "me"
                && (First + 1 < After || (After < Words.Count && Words[After].Before.Contains(':', StringComparison.Ordinal)))
            )
                subject = (true, Words[First].Text == "me" ? Who.Me : Who.Partner, false, First);
            return subject;
        }
    }
}
