using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>A stretch of a retelling in which one thing is said of one person.</summary>
/// <param name="Words">All words of the retelling.</param>
/// <param name="First">Index of its first word.</param>
/// <param name="After">Index of the word after it.</param>
/// <param name="Found">Names found in it.</param>
/// <param name="NewSentence">It opens a sentence or a line.</param>
/// <param name="Names">Stems of the partner's name.</param>
internal sealed record Clause(IReadOnlyList<Word> Words, int First, int After, IReadOnlyList<Found> Found, bool NewSentence, IReadOnlySet<string> Names)
{
    private static readonly HashSet<string> Joins = ["and", "then", "but", "so", "until", "because", "cause", "since", "when", "while", "before", "after"];

    /// <summary>Splits a retelling at stops, arrows and joining words, never inside a name.</summary>
    public static IReadOnlyList<Clause> Split(IReadOnlyList<Word> words, IReadOnlyList<Found> found, IReadOnlySet<string> names)
    {
        var inside = new bool[words.Count];
        foreach (var f in found) for (var i = f.First + 1; i < f.After; i++) inside[i] = true;

        var clauses = new List<Clause>();
        var first = 0;
        var opens = true;
        for (var i = 0; i <= words.Count; i++)
        {
            var ends = i == words.Count || (i > first && !inside[i] && IsBreak(words, i));
            if (!ends) continue;
            var from = first;
            var until = i;
            clauses.Add(new Clause(words, from, until, [.. found.Where(f => f.First >= from && f.First < until)], opens, names));
            if (i < words.Count) opens = words[i].AfterStop;
            first = i;
        }
        return clauses;
    }

    private static bool IsBreak(IReadOnlyList<Word> words, int i)
    {
        if (words[i].AfterPause && !IsClock(words, i)) return true;
        return Joins.Contains(words[i].Text) && !Joins.Contains(words[i - 1].Text);
    }

    private static bool IsClock(IReadOnlyList<Word> words, int i) => words[i].Before == ":" && char.IsDigit(words[i].Text[0]) && char.IsDigit(words[i - 1].Text[^1]);

    /// <summary>First character.</summary>
    public int Start => Words[First].Start;

    /// <summary>One past the last character.</summary>
    public int End => Words[After - 1].End;

    /// <summary>Its words that are not part of a name, with their indices.</summary>
    public IEnumerable<(int Index, Word Word)> Loose => Enumerable.Range(First, After - First).Where(i => !Found.Any(f => i >= f.First && i < f.After)).Select(i => (i, Words[i]));

    /// <summary>Whether a loose word has one of these stems or forms.</summary>
    public bool Has(IReadOnlySet<string> cues) => Loose.Any(l => cues.Contains(l.Word.Stem) || cues.Contains(l.Word.Text));

    /// <summary>Whether the words stand in it in this order, side by side.</summary>
    public bool Says(string phrase) => $" {string.Join(' ', Enumerable.Range(First, After - First).Select(i => Words[i].Text))} ".Contains($" {phrase} ", StringComparison.Ordinal);

    /// <summary>Who a word means, if anybody.</summary>
    public Who? Person(int index)
    {
        var word = Words[index];
        if (Names.Contains(word.Text)) return Who.Partner;
        if (Cues.Me.Contains(word.Text)) return Who.Me;
        return Cues.Them.Contains(word.Text) ? Who.Partner : null;
    }

    /// <summary>The subject: the first person named as one, before any verb's object. Null when the clause has none.</summary>
    public Who? Subject
    {
        get
        {
            foreach (var (index, word) in Loose)
            {
                if (word.Text is "we") return null;
                // "him: knee cut" opens a line of short-hand; elsewhere "him" is no subject.
                if (Cues.Objects.Contains(word.Text) && index != First) continue;
                if (word.Text is "her" or "them" or "us") continue;
                if (Person(index) is { } who) return who;
            }
            return null;
        }
    }

    /// <summary>The person named as an object right after a word, if any.</summary>
    public Who? ObjectAfter(int index)
    {
        if (index + 1 >= After) return null;
        var next = Words[index + 1].Text;
        return next is "me" ? Who.Me : next is "him" or "her" or "them" || Names.Contains(next) ? Who.Partner : null;
    }
}
