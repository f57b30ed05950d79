using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Rounds;

/// <summary>Phrases by what they say of where rolls begin; read from <c>rounds.txt</c>.</summary>
internal static class Phrases
{
    private const int LongestGap = 3;
    private static readonly Dictionary<string, string[][]> Kinds = Read();
    private static readonly Dictionary<string, ILookup<string, string[]>> ByFirst = Kinds.ToDictionary(
        k => k.Key,
        k => k.Value.ToLookup(p => p[0])
    );
    private static readonly HashSet<string> Ordinals = Single("ordinal");
    private static readonly HashSet<string> Numbers = Single("number");

    /// <summary>The kinds there are, with their phrases.</summary>
    public static IReadOnlyDictionary<string, string[][]> All => Kinds;

    /// <summary>Whether a word alone is of a kind.</summary>
    public static bool Has(string kind, string word) => ByFirst[kind][word].Any(p => p.Length == 1);

    /// <summary>Whether a word says which of several it is.</summary>
    public static bool IsOrdinal(string word) => Ordinals.Contains(word);

    /// <summary>How many words the longest phrase of a kind takes from a word on; 0 when none stands there.</summary>
    /// <param name="kind">The kind.</param>
    /// <param name="words">The words.</param>
    /// <param name="first">Index of the first word.</param>
    /// <param name="until">Index past the last word that may be taken.</param>
    /// <param name="person">How many words the person takes who is told of at a word; 0 where nobody is.</param>
    public static int At(string kind, IReadOnlyList<Word> words, int first, int until, Func<int, int> person) =>
        From(kind, words[first].Text, person(first) > 0).Select(p => Length(p, words, first, until, person)).DefaultIfEmpty().Max();

    /// <summary>How many words the longest phrase of a kind that speaks of a person takes from a word on; 0 when none stands there.</summary>
    public static int About(string kind, IReadOnlyList<Word> words, int first, int until, Func<int, int> person) =>
        From(kind, words[first].Text, person(first) > 0)
            .Where(p => p.Contains("~"))
            .Select(p => Length(p, words, first, until, person))
            .DefaultIfEmpty()
            .Max();

    private static IEnumerable<string[]> From(string kind, string word, bool isPerson)
    {
        var byFirst = ByFirst[kind];
        var phrases = byFirst[word];
        if (IsOrdinal(word))
            phrases = phrases.Concat(byFirst["@"]);
        if (IsNumber(word))
            phrases = phrases.Concat(byFirst["#"]);
        return isPerson ? phrases.Concat(byFirst["~"]) : phrases;
    }

    private static int Length(string[] phrase, IReadOnlyList<Word> words, int first, int until, Func<int, int> person)
    {
        var i = first;
        for (var p = 0; p < phrase.Length; p++)
        {
            if (phrase[p] == "..")
            {
                for (var skip = 0; skip <= LongestGap && i + skip < until; skip++)
                    if (Length(phrase[(p + 1)..], words, i + skip, until, person) is > 0 and var rest)
                        return i + skip + rest - first;
                return 0;
            }
            if (i >= until || (i > first && words[i].AfterStop))
                return 0;
            var takes = phrase[p] switch
            {
                "~" => person(i),
                "@" => IsOrdinal(words[i].Text) ? 1 : 0,
                "#" => IsNumber(words[i].Text) ? 1 : 0,
                var said => said == words[i].Text ? 1 : 0,
            };
            if (takes == 0)
                return 0;
            i += takes;
        }
        return i - first;
    }

    private static bool IsNumber(string word) => Numbers.Contains(word) || word.Length < 3 && word.All(char.IsAsciiDigit);

    private static HashSet<string> Single(string kind) => [.. Kinds[kind].Select(p => p[0])];

    private static Dictionary<string, string[][]> Read()
    {
        var kinds = new Dictionary<string, string[][]>();
        foreach (var row in ShippedFile.Rows("rounds.txt"))
        {
            var parts = row.Split(": ", 2);
            kinds[parts[0]] = [.. parts[1].Split(';').Select(p => p.Trim().Split(' '))];
        }
        return kinds;
    }
}
