using System.Globalization;
using System.Text;

namespace AshNotch.Core.Vocabulary;

/// <summary>
/// Normalization form C of Unicode Standard Annex 15: letters and their marks taken apart, put in order, and together again. The program runs
/// without the system's tables of languages, and .NET leaves a text as it is then.
/// </summary>
public static class Composed
{
    // Hangul syllables are computed: The Unicode Standard, chapter 3.12.
    private const int Syllables = 0xAC00;
    private const int Leads = 0x1100;
    private const int Vowels = 0x1161;
    private const int Trails = 0x11A7;
    private const int VowelCount = 21;
    private const int TrailCount = 28;
    private const int SyllableCount = 19 * VowelCount * TrailCount;

    private static readonly Dictionary<int, int[]> Parts = [];
    private static readonly Dictionary<(int, int), int> Together = [];
    private static readonly Dictionary<int, int> Classes = [];

    static Composed()
    {
        foreach (var row in ShippedFile.Rows("canonical.txt").Select(r => r.Split(' ')))
        {
            if (row[0] == "ccc")
                Class(int.Parse(row[1], CultureInfo.InvariantCulture), row[2..]);
            else
                Part(Hex(row[0]), [.. row[1..].Where(p => p != "!").Select(Hex)], row[^1] != "!");
        }
    }

    /// <summary>A text put together; half of a surrogate pair becomes U+FFFD.</summary>
    public static string Of(string text)
    {
        if (text.All(c => c < '\u00C0'))
            return text;
        var apart = new List<int>(text.Length);
        foreach (var rune in text.EnumerateRunes())
            TakeApart(rune.Value, apart);
        InOrder(apart);
        var built = new StringBuilder(text.Length);
        foreach (var character in PutTogether(apart))
            built.Append(new Rune(character));
        return built.ToString();
    }

    private static void TakeApart(int character, List<int> apart)
    {
        if (character is >= Syllables and < Syllables + SyllableCount)
        {
            var syllable = character - Syllables;
            apart.Add(Leads + syllable / (VowelCount * TrailCount));
            apart.Add(Vowels + syllable % (VowelCount * TrailCount) / TrailCount);
            if (syllable % TrailCount != 0)
                apart.Add(Trails + syllable % TrailCount);
        }
        else if (Parts.TryGetValue(character, out var parts))
        {
            foreach (var part in parts)
                TakeApart(part, apart);
        }
        else
        {
            apart.Add(character);
        }
    }

    // Marks stand in the order of their classes; those of one class stay as they are.
    private static void InOrder(List<int> apart)
    {
        for (var i = 1; i < apart.Count; i++)
        for (var j = i; j > 0 && ClassOf(apart[j]) is > 0 and var own && ClassOf(apart[j - 1]) > own; j--)
            (apart[j], apart[j - 1]) = (apart[j - 1], apart[j]);
    }

    private static List<int> PutTogether(List<int> apart)
    {
        var done = new List<int>(apart.Count);
        var starter = -1;
        var last = 0;
        foreach (var character in apart)
        {
            var own = ClassOf(character);
            // A mark reaches its letter unless one of its own class, or a letter, stands between.
            if (starter >= 0 && (starter == done.Count - 1 || last < own && last > 0) && Joined(done[starter], character) is { } one)
            {
                done[starter] = one;
                continue;
            }
            last = own;
            done.Add(character);
            if (own == 0)
                starter = done.Count - 1;
        }
        return done;
    }

    private static int? Joined(int first, int second)
    {
        if (first - Leads is >= 0 and < 19 and var lead && second - Vowels is >= 0 and < VowelCount and var vowel)
            return Syllables + (lead * VowelCount + vowel) * TrailCount;
        if (
            first - Syllables is >= 0 and < SyllableCount and var syllable
            && syllable % TrailCount == 0
            && second - Trails is > 0 and < TrailCount and var trail
        )
            return Syllables + syllable + trail;
        return Together.TryGetValue((first, second), out var one) ? one : null;
    }

    private static int ClassOf(int character) => Classes.GetValueOrDefault(character);

    private static void Part(int character, int[] parts, bool joins)
    {
        Parts[character] = parts;
        if (joins && parts is [var first, var second])
            Together[(first, second)] = character;
    }

    private static void Class(int value, string[] runs)
    {
        foreach (var run in runs.Select(r => r.Split('-')))
            for (var c = Hex(run[0]); c <= Hex(run[^1]); c++)
                Classes[c] = value;
    }

    private static int Hex(string written) => int.Parse(written, NumberStyles.HexNumber, CultureInfo.InvariantCulture);
}
