using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>The forms of a verb, from its lemma: what is irregular stands in <c>verbs.txt</c>, the rest follows the spelling.</summary>
internal static class Conjugation
{
    private static readonly Dictionary<string, HashSet<string>> Irregular = WordLists.Read("verbs.txt");

    /// <summary>All forms, the lemma first: <c>trap</c>, traps, trapped, trapping.</summary>
    public static IReadOnlyList<string> Of(string lemma) =>
        Irregular.TryGetValue(lemma, out var forms) ? [lemma, .. forms] : [lemma, Third(lemma), Past(lemma), Going(lemma)];

    private static string Third(string lemma) =>
        lemma[^1] is 's' or 'x' or 'z' || lemma.EndsWith("ch", StringComparison.Ordinal) || lemma.EndsWith("sh", StringComparison.Ordinal)
            ? $"{lemma}es"
        : lemma[^1] == 'y' && !IsVowel(lemma[^2]) ? $"{lemma[..^1]}ies"
        : $"{lemma}s";

    private static string Past(string lemma) =>
        lemma[^1] == 'e' ? $"{lemma}d"
        : lemma[^1] == 'y' && !IsVowel(lemma[^2]) ? $"{lemma[..^1]}ied"
        : $"{Doubled(lemma)}ed";

    private static string Going(string lemma) => lemma[^1] == 'e' ? $"{lemma[..^1]}ing" : $"{Doubled(lemma)}ing";

    // "Trapped", "pulled": one short vowel before one consonant doubles it.
    private static string Doubled(string lemma) =>
        lemma.Length >= 3
        && !IsVowel(lemma[^1])
        && lemma[^1] is not ('w' or 'x' or 'y')
        && IsVowel(lemma[^2])
        && !IsVowel(lemma[^3])
        && lemma.Count(IsVowel) == 1
            ? lemma + lemma[^1]
            : lemma;

    private static bool IsVowel(char c) => c is 'a' or 'e' or 'i' or 'o' or 'u';
}
