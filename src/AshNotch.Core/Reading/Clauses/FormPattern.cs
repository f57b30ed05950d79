using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>
/// A form of the lexicon written once for many: <c>{squeeze}</c> is every form of a verb, <c>{end up}</c> with a word after it,
/// <c>(round|around|)</c> either word or none, <c>&lt;hurt&gt;</c> a class of <c>classes.txt</c>, <c>@</c> somebody's own (my, his, her,
/// their) and <c>@o</c> that one as an object (me, him, her, them), <c>%</c> and <c>%o</c> the same of the other one.
/// </summary>
internal sealed class FormPattern
{
    private static readonly string[] OfMe = ["my", "me"];
    private static readonly string[] Owners = ["his", "her", "their"];
    private static readonly string[] Objects = ["him", "her", "them"];

    private static readonly Dictionary<string, string> Classes = ShippedFile
        .Rows("classes.txt")
        .Select(row => row.Split(": "))
        .ToDictionary(row => row[0], row => row[1].Replace("; ", "|", StringComparison.Ordinal));

    private readonly string text;
    private readonly bool isOfMe;
    private int at;

    private FormPattern(string text, bool isOfMe)
    {
        this.text = text;
        this.isOfMe = isOfMe;
    }

    /// <summary>All forms it stands for.</summary>
    public static IEnumerable<string> Forms(string pattern) =>
        Steps(pattern)
            .SelectMany(steps =>
                steps.Aggregate(
                    (IEnumerable<string>)[""],
                    (forms, step) => forms.SelectMany(form => step.Select(word => form.Length == 0 ? word : $"{form} {word}"))
                )
            );

    /// <summary>The same, step by step: the words that may stand in each place.</summary>
    public static IEnumerable<IReadOnlyList<IReadOnlyList<string>>> Steps(string pattern) =>
        ((bool[])(pattern.AsSpan().ContainsAny('@', '%') ? [true, false] : [true])).SelectMany(me => new FormPattern(pattern, me).Ways());

    // What stands between two bars, or in all; each way is a list of steps.
    private List<string[][]> Ways()
    {
        var ways = new List<string[][]>();
        do ways.AddRange(Row());
        while (at < text.Length && text[at] == '|' && ++at <= text.Length);
        // Single words in one place are one step.
        var single = ways.Where(w => w.Length == 1).ToList();
        return single.Count < 2
            ? ways
            :
            [
                [
                    [.. single.SelectMany(w => w[0]).Distinct()],
                ],
                .. ways.Where(w => w.Length != 1),
            ];
    }

    private List<string[][]> Row()
    {
        List<string[][]> row =
        [
            [],
        ];
        while (at < text.Length && text[at] is not ('|' or ')'))
            if (text[at] == ' ')
                at++;
            else
            {
                var part = Part();
                row = [.. row.SelectMany(_ => part, (before, after) => (string[][])[.. before, .. after])];
            }
        return row;
    }

    private List<string[][]> Part()
    {
        switch (text[at])
        {
            case '(':
                at++;
                var ways = Ways();
                at++;
                return ways;
            case '<':
                return new FormPattern(Classes[Until('>')], isOfMe).Ways();
            case '{':
                var said = Until('}')[1..^1].Split(' ', 2);
                string[][] verb =
                [
                    [.. Conjugation.Of(said[0])],
                ];
                return said.Length == 1 ? [verb] : [.. new FormPattern(said[1], isOfMe).Ways().Select(w => (string[][])[.. verb, .. w])];
            default:
                return
                [
                    [Words(Until(' '))],
                ];
        }
    }

    private string Until(char end)
    {
        var start = at;
        while (at < text.Length && text[at] != end && (end != ' ' || text[at] is not ('|' or ')')))
            at++;
        if (end != ' ')
            at++;
        return text[start..at];
    }

    private string[] Words(string word) =>
        word switch
        {
            "@" => isOfMe ? OfMe[..1] : Owners,
            "@o" => isOfMe ? OfMe[1..] : Objects,
            "%" => isOfMe ? Owners : OfMe[..1],
            "%o" => isOfMe ? Objects : OfMe[1..],
            _ => [word],
        };
}
