using System.Reflection;
using System.Text;

namespace AshNotch.Core.Vocabulary;

/// <summary>The written form of the fixed terms of the record: lower-case words joined by hyphens, as in <c>open-mat</c>.</summary>
public static class Term
{
    /// <summary>The written form of a term, such as <c>no-gi</c> for <see cref="Attire.NoGi"/>.</summary>
    public static string Of<T>(T term)
        where T : struct, Enum => Names<T>.ByValue[term];

    /// <summary>A term as it is said to a person: <c>open mat</c>, <c>near: almost, or escaped</c>.</summary>
    public static string Say<T>(T term)
        where T : struct, Enum => Names<T>.Said[term];

    /// <summary>All written forms of a kind of term, in their usual order.</summary>
    public static IReadOnlyList<string> All<T>()
        where T : struct, Enum => Names<T>.InOrder;

    /// <summary>All written forms of an enum of terms, in their usual order.</summary>
    public static IReadOnlyList<string> All(Type term) => [.. Enum.GetNames(term).Select(Kebab)];

    /// <summary>Reads a written form; false when there is no such term. Capitals and underscores are forgiven.</summary>
    public static bool TryRead<T>(string? text, out T term)
        where T : struct, Enum
    {
        term = default;
        if (text is null)
            return false;
        return Names<T>.ByName.TryGetValue(text, out term)
            || Names<T>.ByName.TryGetValue(text.Trim().ToLowerInvariant().Replace('_', '-').Replace(' ', '-'), out term);
    }

    private static string Kebab(string name)
    {
        var text = new StringBuilder();
        foreach (var letter in name)
        {
            if ((char.IsUpper(letter) || char.IsDigit(letter)) && text.Length > 0)
                text.Append('-');
            text.Append(char.ToLowerInvariant(letter));
        }
        return text.ToString();
    }

    private static class Names<T>
        where T : struct, Enum
    {
        public static readonly Dictionary<T, string> ByValue = Enum.GetValues<T>().ToDictionary(v => v, v => Kebab(v.ToString()));
        public static readonly Dictionary<string, T> ByName = ByValue.ToDictionary(p => p.Value, p => p.Key);
        public static readonly Dictionary<T, string> Said = ByValue.ToDictionary(
            p => p.Key,
            p => typeof(T).GetField(p.Key.ToString())!.GetCustomAttribute<SaidAttribute>()?.Words ?? p.Value.Replace('-', ' ')
        );
        public static readonly IReadOnlyList<string> InOrder = [.. ByValue.OrderBy(p => p.Key).Select(p => p.Value)];
    }
}
