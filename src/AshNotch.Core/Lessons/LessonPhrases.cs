using AshNotch.Core.Reading.Headed;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Lessons;

/// <summary>What the words of a lesson say beside what they teach; read from <c>lessons.txt</c>.</summary>
internal static class LessonPhrases
{
    /// <summary>The phrases of each kind, in words.</summary>
    public static IReadOnlyDictionary<string, string[][]> All { get; } =
        ShippedFile
            .Rows("lessons.txt")
            .Select(r => r.Split(": ", 2))
            .ToDictionary(r => r[0], r => r[1].Split(';').Select(p => p.Trim().Split(' ')).ToArray());

    private static readonly HashSet<string> Little = [.. All["little"].Select(p => p[0])];

    /// <summary>Somebody was hurt, or could have been.</summary>
    public static bool IsHazard(IReadOnlyList<Word> words) => Says(All["hazard"], words) || Says(HeadPhrases.Hazards, words);

    /// <summary>It is the same again.</summary>
    public static bool IsAgain(IReadOnlyList<Word> words) => Says(All["again"], words);

    /// <summary>It says little of what a lesson is about.</summary>
    public static bool IsLittle(Word word) => Little.Contains(word.Text);

    private static bool Says(IReadOnlyList<string[]> phrases, IReadOnlyList<Word> words) =>
        phrases.Any(p => Enumerable.Range(0, words.Count).Any(i => Phrase.Stands(p, words, i)));
}
