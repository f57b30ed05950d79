using System.Reflection;
using System.Runtime.CompilerServices;
using System.Text;

namespace AshNotch.Core.Vocabulary;

/// <summary>The written form of the fixed terms of the record: lower-case words joined by hyphens, as in <c>open-mat</c>.</summary>
public static class Term
{
    /// <summary>The written form of a term, such as <c>no-gi</c> for <see cref="Attire.NoGi"/>.</summary>
    public static string Of<T>(T term)
        where T : struct, Enum => Spelled<T>.Terms.Written[Unsafe.BitCast<T, int>(term)];

    /// <summary>A term as it is said to a person: <c>open mat</c>, <c>near: almost, or escaped</c>.</summary>
    public static string Say<T>(T term)
        where T : struct, Enum => Spelled<T>.Terms.Said[Unsafe.BitCast<T, int>(term)];

    /// <summary>All written forms of a kind of term, in their usual order.</summary>
    public static IReadOnlyList<string> All<T>()
        where T : struct, Enum => Spelled<T>.Terms.Written;

    /// <summary>All written forms of an enum of terms, in their usual order.</summary>
    public static IReadOnlyList<string> All(Type term) => [.. Enum.GetNames(term).Select(Kebab)];

    /// <summary>Reads a written form; false when there is no such term. Capitals and underscores are forgiven.</summary>
    public static bool TryRead<T>(string? text, out T term)
        where T : struct, Enum
    {
        term = default;
        if (text is null)
            return false;
        var known = Spelled<T>.Terms.Numbers;
        if (!known.TryGetValue(text, out var number) && !known.TryGetValue(Forgiven(text), out number))
            return false;
        term = Unsafe.BitCast<int, T>(number);
        return true;
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

    private static string Forgiven(string text) => text.Trim().ToLowerInvariant().Replace('_', '-').Replace(' ', '-');

    private static class Spelled<T>
        where T : struct, Enum
    {
        public static readonly Terms Terms = new(typeof(T));
    }

    // The terms of one kind, which count from 0 and are whole numbers without more: not generic, so that it is compiled once for all kinds.
    private sealed class Terms(Type kind)
    {
        private readonly Lazy<string[]> said = new(() =>
            [.. Enum.GetNames(kind).Select(n => kind.GetField(n)!.GetCustomAttribute<SaidAttribute>()?.Words ?? Kebab(n).Replace('-', ' '))]
        );

        public string[] Written { get; } = [.. All(kind)];

        public string[] Said => said.Value;

        public Dictionary<string, int> Numbers { get; } = All(kind).Select((n, i) => (n, i)).ToDictionary(t => t.n, t => t.i);
    }
}
