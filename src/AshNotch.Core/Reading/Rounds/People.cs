using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Rounds;

/// <summary>Words that mean one of the two who roll, or somebody else.</summary>
internal static class People
{
    private static readonly IReadOnlySet<string> Me = Grammar.Of("me-subject");
    private static readonly IReadOnlySet<string> Them = Grammar.Of("people-them");
    private static readonly IReadOnlySet<string> Nouns = Grammar.Of("people-nouns");
    private static readonly IReadOnlySet<string> Belts = Grammar.Of("belt");
    private static readonly IReadOnlySet<string> Openers = Grammar.Of("people-openers");
    private static readonly IReadOnlySet<string> Others = Grammar.Of("people-others");
    private static readonly IReadOnlySet<string> Objects = Grammar.Of("people-objects");
    private static readonly IReadOnlySet<string> Prepositions = Grammar.Of("people-prepositions");
    private static readonly IReadOnlySet<string> TakesObject = Grammar.Of("people-takes-object");

    /// <summary>A person named from a word on as the one who acts: who it is, how many words it takes; null when there is none.</summary>
    /// <param name="words">The words.</param>
    /// <param name="index">The first word.</param>
    /// <param name="names">Stems of the partner's name.</param>
    /// <returns>The person, or somebody else than the two when <c>Who</c> is null.</returns>
    public static (Who? Who, int Length)? Subject(IReadOnlyList<Word> words, int index, IReadOnlySet<string> names)
    {
        var text = words[index].Text;
        if (Me.Contains(text))
            return (Who.Me, 1);
        if (Them.Contains(text))
            return (Who.Partner, 1);
        var before = index > 0 && !words[index].AfterPause ? words[index - 1].Text : "";
        var isObject = Prepositions.Contains(before) || TakesObject.Contains(before);
        if (
            text == "me"
            && !isObject
            && index + 1 < words.Count
            && (words[index + 1].Text.EndsWith("ing", StringComparison.Ordinal) || words[index + 1].Text is "on")
        )
            return (Who.Me, 1);
        // "with me having the front headlock"
        if (
            text is "me" or "him" or "her"
            && before == "with"
            && index + 1 < words.Count
            && Grammar.Is("with-somebody", words[index + 1].Text)
        )
            return (text == "me" ? Who.Me : Who.Partner, 1);
        if (isObject)
            return null;
        if (names.Contains(text))
            return (Who.Partner, 1);
        return Openers.Contains(text) ? Described(words, index)
            : Others.Contains(text) && text != "couple" ? (null, 1)
            : null;
    }

    /// <summary>Names that the telling itself gives: "rolled with Lasse", "against Kim". They are nobody's misspelt lasso.</summary>
    public static IEnumerable<string> Introduced(IReadOnlyList<Word> words, string text, Func<Word, bool> isStrange) =>
        Enumerable
            .Range(1, Math.Max(0, words.Count - 1))
            .Where(i =>
                char.IsUpper(text[words[i].Start])
                && words[i].Text.Length > 2
                && !words[i].AfterPause
                && isStrange(words[i])
                && (
                    words[i - 1].Text is "vs" or "versus" or "against"
                    || words[i - 1].Text is "with" or "w"
                        && Enumerable
                            .Range(Math.Max(0, i - 5), Math.Min(i, 5))
                            .Any(w => Grammar.Is("rolls-rolling", words[w].Text) || Grammar.Is("rolls-rounds", words[w].Text))
                )
            )
            .Select(i => words[i].Text);

    /// <summary>Whether a person named here only shares the sentence: "I rolled with the purple belt".</summary>
    public static bool IsObject(string text) => Objects.Contains(text);

    /// <summary>
    /// "my partner", "the big purple belt", "this guy": somebody described from an article on, as <see cref="Subject"/> tells it.
    /// </summary>
    public static (Who? Who, int Length)? Described(IReadOnlyList<Word> words, int index)
    {
        for (var i = index + 1; i < Math.Min(words.Count, index + 4) && !words[i].AfterPause; i++)
        {
            var next = i + 1 < words.Count ? words[i + 1].Text : "";
            if (Nouns.Contains(words[i].Text))
                return (Who.Partner, i - index + 1);
            if (Belts.Contains(words[i].Text) && next is "belt" or "belts")
                return (Who.Partner, i - index + 2);
            // "a couple times" counts; "a couple next to us" are people.
            if (words[i].Text == "couple" && !Grammar.Is("couple-who", next))
                return null;
            if (Others.Contains(words[i].Text))
                return (null, i - index + 1);
            if (!Spelling.Everyday.Contains(words[i].Text))
                return null;
        }
        return null;
    }
}
