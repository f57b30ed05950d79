using System.Globalization;
using System.Text;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>
/// Names as people see them: two that look alike are one, however their letters were put together and whatever stands between them that
/// nobody sees.
/// </summary>
public static class PersonName
{
    // Blank, though Unicode does not call them format characters or spaces: Hangul fillers, Braille blank, the grapheme joiner, variation selectors.
    private const string Blank =
        "\u115F\u1160\u3164\uFFA0\u2800\u034F\uFE00\uFE01\uFE02\uFE03\uFE04\uFE05\uFE06\uFE07"
        + "\uFE08\uFE09\uFE0A\uFE0B\uFE0C\uFE0D\uFE0E\uFE0F";

    /// <summary>
    /// A name as it is kept: letters and their marks put together (<see cref="Composed"/>), without what cannot be
    /// seen (general category Cf), with single spaces.
    /// </summary>
    public static string Clean(string name)
    {
        if (name.All(c => c is > ' ' and <= '~'))
            return name;
        var seen = new StringBuilder(name.Length);
        foreach (var rune in Composed.Of(name).EnumerateRunes())
        {
            if (Rune.IsWhiteSpace(rune) || Rune.GetUnicodeCategory(rune) == UnicodeCategory.SpaceSeparator)
                seen.Append(seen.Length == 0 || seen[^1] == ' ' ? "" : " ");
            else if (Rune.GetUnicodeCategory(rune) != UnicodeCategory.Format && !(rune.IsBmp && Blank.Contains((char)rune.Value)))
                seen.Append(rune);
        }
        return seen.ToString().TrimEnd();
    }

    /// <summary>The same for all names that are one.</summary>
    public static string Key(string name) => Clean(name).ToUpperInvariant();

    /// <summary>Both are one name: without case, each as it is kept.</summary>
    public static bool IsSame(string one, string other) =>
        string.Equals(one, other, StringComparison.OrdinalIgnoreCase)
        || string.Equals(Clean(one), Clean(other), StringComparison.OrdinalIgnoreCase);

    /// <summary>A name that none of the others has: the same, or with a number after it.</summary>
    public static string Free(string name, IReadOnlyCollection<string> taken)
    {
        var free = name;
        for (var n = 2; taken.Any(t => IsSame(t, free)); n++)
            free = string.Create(CultureInfo.InvariantCulture, $"{name} ({n})");
        return free;
    }
}
