using System.Text.RegularExpressions;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>
/// A form of the lexicon written once for many: <c>{squeeze}</c> is every form of a verb, <c>(round|around)</c> either word, <c>@</c> somebody's
/// own (my, his, her, their) and <c>@o</c> that one as an object (me, him, her, them), <c>%</c> and <c>%o</c> the same of the other one.
/// </summary>
internal static partial class FormPattern
{
    private static readonly (string Own, string Object, string[] Others)[] People =
    [
        ("my", "me", ["his", "her", "their"]),
        ("his", "him", ["my"]),
        ("her", "her", ["my"]),
        ("their", "them", ["my"]),
    ];

    /// <summary>All forms it stands for.</summary>
    public static IEnumerable<string> Forms(string pattern)
    {
        foreach (var said in Choices(pattern))
            if (!said.Contains('@', StringComparison.Ordinal))
                yield return said;
            else
                foreach (var (own, whom, others) in People)
                foreach (var other in said.Contains('%', StringComparison.Ordinal) ? others : [""])
                    yield return Said(said, own, whom, other);
    }

    private static string Said(string form, string own, string whom, string other)
    {
        var otherObject = People.FirstOrDefault(p => p.Own == other).Object;
        return string.Join(
            ' ',
            form.Split(' ')
                .Select(w =>
                    w switch
                    {
                        "@" => own,
                        "@o" => whom,
                        "%" => other,
                        "%o" => otherObject,
                        _ => w,
                    }
                )
        );
    }

    // Each verb and each choice of words, one after the other.
    private static IEnumerable<string> Choices(string pattern)
    {
        if (Choice().Match(pattern) is not { Success: true } choice)
            return [pattern];
        var words = choice.Value[0] == '{' ? Conjugation.Of(choice.Value[1..^1]) : choice.Value[1..^1].Split('|');
        return words.SelectMany(w => Choices($"{pattern[..choice.Index]}{w}{pattern[(choice.Index + choice.Length)..]}"));
    }

    [GeneratedRegex(@"\{[a-z]+\}|\([^)]+\)")]
    private static partial Regex Choice();
}
