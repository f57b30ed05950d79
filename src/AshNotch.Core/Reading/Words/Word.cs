using System.Buffers;
using System.Globalization;
using System.Text;

namespace AshNotch.Core.Reading.Words;

/// <summary>A word of a retelling with where it stands and the stem it is matched by.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last character.</param>
/// <param name="Text">The word in lower case, without accents and apostrophes.</param>
/// <param name="Stem">What forms of the same word share: <c>passed</c> and <c>passing</c> are <c>pass</c>.</param>
/// <param name="Before">What stands between the word before and this one.</param>
public sealed record Word(int Start, int End, string Text, string Stem, string Before)
{
    private static readonly SearchValues<char> Stops = SearchValues.Create(".;!?\n");
    private static readonly SearchValues<char> Pauses = SearchValues.Create(".,;!?\n>→:–—");

    private static readonly Dictionary<string, string> Irregular = WordLists
        .Read("stems.txt")
        .SelectMany(row => row.Value.Select(form => (form, row.Key)))
        .ToDictionary();

    /// <summary>A sentence or line ended before it.</summary>
    public bool AfterStop => Before.AsSpan().ContainsAny(Stops);

    /// <summary>A sentence, a line, or a part of one ended before it.</summary>
    public bool AfterPause => HasEmoji || Before.AsSpan().ContainsAny(Pauses);

    /// <summary>A picture stands before it, as many write instead of a stop.</summary>
    public bool HasEmoji { get; } =
        Before.Any(c => char.IsHighSurrogate(c) || char.GetUnicodeCategory(c) == UnicodeCategory.OtherSymbol && c != '°');

    /// <summary>Splits a text into words. Letters and digits make words; an apostrophe or accent inside does not break one.</summary>
    public static IReadOnlyList<Word> Split(string text)
    {
        var words = new List<Word>();
        var end = 0;
        for (var i = 0; i < text.Length; )
        {
            if (!char.IsLetterOrDigit(text[i]))
            {
                i++;
                continue;
            }
            var start = i;
            while (
                i < text.Length
                && (
                    char.IsLetterOrDigit(text[i])
                    || (IsInner(text[i]) && i + 1 < text.Length && char.IsLetterOrDigit(text[i + 1]))
                    || char.GetUnicodeCategory(text[i]) == UnicodeCategory.NonSpacingMark
                )
            )
                i++;
            var plain = Plain(text[start..i]);
            words.Add(new Word(start, i, plain, StemOf(plain), text[end..start]));
            end = i;
        }
        return words;
    }

    /// <summary>What the forms of a word share.</summary>
    public static string StemOf(string word)
    {
        if (Irregular.TryGetValue(word, out var stem))
            return Bare(stem);
        if (word.Length > 5 && word.EndsWith("ing", StringComparison.Ordinal))
            return Bare(Single(word[..^3]));
        if (word.Length > 4 && word.EndsWith("ed", StringComparison.Ordinal))
            return Bare(Single(word[..^2]));
        if (word.Length > 4 && word.EndsWith("es", StringComparison.Ordinal) && word[^3] is 's' or 'h' or 'x')
            return Bare(word[..^2]);
        if (word.Length > 3 && word[^1] == 's' && word[^2] is not ('s' or 'u' or 'i'))
            return Bare(word[..^1]);
        return Bare(word);
    }

    private static string Bare(string word) => word.Length > 3 && word[^1] == 'e' ? word[..^1] : word;

    private static string Single(string word) =>
        word.Length > 2 && word[^1] == word[^2] && word[^1] is not ('s' or 'l' or 'e') ? word[..^1] : word;

    private static bool IsInner(char c) => c is '\'' or '’';

    private static string Plain(string word)
    {
        var text = new StringBuilder(word.Length);
        foreach (var c in word)
        {
            if (char.IsLetterOrDigit(c))
                text.Append(Unaccented(char.ToLowerInvariant(c)));
        }
        return text.ToString();
    }

    // The program runs without a system's language data, where a text is not decomposed into letters and accents.
    private static char Unaccented(char c) =>
        c switch
        {
            (>= 'à' and <= 'å') or 'ā' or 'ă' or 'ą' => 'a',
            'ç' or 'ć' or 'č' => 'c',
            (>= 'è' and <= 'ë') or 'ē' or 'ė' or 'ę' or 'ě' => 'e',
            (>= 'ì' and <= 'ï') or 'ī' or 'į' => 'i',
            'ñ' or 'ń' or 'ň' => 'n',
            (>= 'ò' and <= 'ö') or 'ø' or 'ō' or 'ő' => 'o',
            'š' or 'ś' => 's',
            (>= 'ù' and <= 'ü') or 'ū' or 'ů' or 'ű' => 'u',
            'ý' or 'ÿ' => 'y',
            'ž' or 'ź' or 'ż' => 'z',
            _ => c,
        };
}
