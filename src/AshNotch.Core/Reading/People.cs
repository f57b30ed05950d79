using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Words that mean one of the two who roll, or somebody else.</summary>
internal static class People
{
    private static readonly HashSet<string> Me = ["i", "im", "ive", "id", "ill"];
    private static readonly HashSet<string> Them = ["he", "hes", "hed", "she", "shes", "shed", "they", "theyre", "theyd", "theyve"];
    private static readonly HashSet<string> Nouns =
    [
        "partner",
        "opponent",
        "guy",
        "girl",
        "dude",
        "lady",
        "man",
        "woman",
        "kid",
        "gentleman",
        "visitor",
        "wrestler",
        "bloke",
        "lad",
        "boy",
        "teammate",
        "judoka",
        "monster",
    ];
    private static readonly HashSet<string> Belts = ["white", "blue", "purple", "brown", "black", "grey", "yellow", "orange", "green"];
    private static readonly HashSet<string> Openers = ["my", "the", "this", "that", "a", "another", "some"];
    private static readonly HashSet<string> Others =
    [
        "coach",
        "professor",
        "prof",
        "instructor",
        "sensei",
        "everyone",
        "everybody",
        "somebody",
        "someone",
        "people",
        "couple",
        "guys",
    ];
    private static readonly HashSet<string> Objects = ["me", "him", "her", "them", "us", "myself", "himself", "herself"];
    private static readonly HashSet<string> Prepositions =
    [
        "with",
        "to",
        "on",
        "onto",
        "from",
        "of",
        "by",
        "against",
        "under",
        "past",
        "for",
        "like",
        "over",
        "into",
        "in",
        "off",
        "around",
        "behind",
        "than",
        "at",
    ];
    private static readonly HashSet<string> TakesObject =
    [
        "let",
        "give",
        "gave",
        "gives",
        "tap",
        "tapped",
        "swept",
        "sweep",
        "choked",
        "submitted",
        "mounted",
        "passed",
        "caught",
        "catch",
        "put",
        "pulled",
        "had",
        "got",
        "made",
        "threw",
        "took",
        "rolled",
        "saw",
        "told",
        "asked",
        "keep",
        "kept",
        "hold",
        "held",
        "beat",
        "fought",
        "versus",
        "vs",
        "stopped",
        "flattened",
        "stacked",
        "following",
        "followed",
    ];

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
            && words[index + 1].Text is "having" or "getting" or "being" or "on" or "taking" or "holding"
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
            if (words[i].Text == "couple" && next is not ("next" or "beside" or "over" or "on" or "who" or "rolled" or "crashed"))
                return null;
            if (Others.Contains(words[i].Text))
                return (null, i - index + 1);
            if (!Spelling.Everyday.Contains(words[i].Text))
                return null;
        }
        return null;
    }
}
