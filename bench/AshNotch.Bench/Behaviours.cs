using System.Text.RegularExpressions;
using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench;

/// <summary>One wording that must be read in one way whatever moves stand in it and whoever acts.</summary>
/// <param name="Capability">What it shows.</param>
/// <param name="Template">The telling, with slots.</param>
/// <param name="Expect">What must be read: any one of these.</param>
internal sealed record Behaviour(string Capability, string Template, IReadOnlyList<string> Expect);

/// <summary>What the reader must do over the whole vocabulary, generated from <c>bench/reading/behaviours.txt</c>.</summary>
/// <remarks>In the manner of CheckList (Ribeiro, Wu, Guestrin, Singh; ACL 2020).</remarks>
internal sealed partial class Behaviours
{
    private const int EveryAltered = 5;
    private static readonly MatVocabulary Vocabulary = MatVocabulary.BuiltIn;
    private static readonly Phrasebook Book = Phrasebook.Of(Vocabulary);
    private static readonly Person Me = new("I", "me", "my", "my", "me");

    private static readonly Person[] Partners =
    [
        new("he", "him", "his", "his", "him"),
        new("she", "her", "her", "her", "her"),
        new("they", "them", "their", "their", "them"),
        new("Oak", "Oak", "Oak's", "his", "Oak"),
        new("the blue belt", "the blue belt", "the blue belt's", "his", "him"),
        new("my partner", "my partner", "my partner's", "his", "him"),
        new("the big guy", "the big guy", "the big guy's", "his", "him"),
    ];

    private readonly Dictionary<string, IReadOnlyList<Name>> names = [];

    /// <summary>Reads the file.</summary>
    /// <param name="file">Its path.</param>
    public Behaviours(string file)
    {
        var rows = new List<Behaviour>();
        var verbs = new List<Name>();
        var capability = "";
        foreach (var line in File.ReadLines(file).Where(l => l.Length > 0 && l[0] != '#'))
        {
            if (line[0] == '[')
                capability = line.Trim('[', ']');
            else if (line.Split(" = ") is [var verb, var move])
                verbs.Add(new Name(verb, move));
            else if (line.Split(" => ") is [var told, var expected])
                rows.Add(new Behaviour(capability, told.Replace("\\n", "\n", StringComparison.Ordinal), expected.Split(" | ")));
        }
        Rows = rows;
        IReadOnlyList<Name> Of(params MoveKind[] kinds) =>
            [
                .. Vocabulary
                    .Moves.Where(m => m.Word == MoveWord.Event && kinds.Contains(m.Kind) && m.Id.Value != "come-up-on-top")
                    .Select(m => new Name(m.Name, m.Id.Value)),
            ];
        names["sub"] = Of(MoveKind.Submission);
        names["pass"] = Of(MoveKind.Pass);
        names["sweep"] = Of(MoveKind.Sweep);
        names["takedown"] = Of(MoveKind.Takedown);
        names["act"] = Of(MoveKind.Pass, MoveKind.Sweep, MoveKind.Takedown, MoveKind.BackTake);
        names["move"] = [.. names["act"], .. names["sub"]];
        names["ed"] = verbs;
    }

    /// <summary>The rows of the file.</summary>
    public IReadOnlyList<Behaviour> Rows { get; }

    /// <summary>The tellings of a row with what must be read, for every name that fits and for both who may act.</summary>
    public IEnumerable<(string Text, IReadOnlyList<string> Expect)> Of(Behaviour row)
    {
        var slots = Slot().Matches(row.Template).Select(m => m.Groups[1].Value).Distinct().ToList();
        var count = slots.Count == 0 ? Partners.Length : slots.Max(s => NamesFor(s).Count);
        var isOfTwo = row.Template.Contains("{A", StringComparison.Ordinal) || row.Template.Contains("{a", StringComparison.Ordinal);
        for (var i = 0; i < count; i++)
        {
            // Where two names stand in a row, the second comes from elsewhere in its list.
            var put = slots
                .Select((s, k) => (s, Name: NamesFor(s)[(i + k * (1 + NamesFor(s).Count / 3)) % NamesFor(s).Count]))
                .ToDictionary();
            foreach (var mine in isOfTwo ? [true, false] : new[] { true })
                yield return (
                    Telling(row.Template, mine ? Me : Partners[i % Partners.Length], mine ? Partners[i % Partners.Length] : Me, put),
                    [.. row.Expect.Select(e => Expected(e, mine, put))]
                );
        }
    }

    /// <summary>The same tellings as they come from a hasty hand or a dictating machine: they must be read alike.</summary>
    public IEnumerable<(string Capability, string Text, IReadOnlyList<string> Expect)> Altered(Behaviour row)
    {
        // Lists live by their stops.
        if (row.Template.IndexOfAny(['\n', ':', '>', '→', ';', '*']) >= 0)
            yield break;
        var count = 0;
        foreach (var (text, expect) in Of(row))
        {
            if (count++ % EveryAltered != 0)
                continue;
            yield return ("without stops and capitals", Stop().Replace(text.ToLowerInvariant(), ""), expect);
            yield return ("with fillers", "So, um, " + Pause().Replace(text, ", you know,"), expect);
            yield return ("among other sentences", $"Good class today. {text} My knee is fine.", expect);
        }
    }

    /// <summary>What is read from a telling, in the words of the file.</summary>
    public static string Read(string text)
    {
        var notches = RollReader.Read(text, Book, "Oak").Exchanges.SelectMany(e => e.Exchange.Notches).ToList();
        return notches.Count == 0
            ? "none"
            : string.Join(", ", notches.Select(n => $"{Term.Of(n.By)} {n.Move?.Value ?? "-"} {Term.Of(n.Outcome)}"));
    }

    private IReadOnlyList<Name> NamesFor(string slot) => names[slot.TrimEnd('2')];

    private static string Telling(string template, Person a, Person b, IReadOnlyDictionary<string, Name> put)
    {
        var text = Slot().Replace(template, m => put[m.Groups[1].Value].Said);
        foreach (var (person, upper, lower) in new[] { (a, "A", "a"), (b, "B", "b") })
            text = text.Replace($"{{{upper}}}", person.Acts, StringComparison.Ordinal)
                .Replace($"{{{lower}}}", person.Suffers, StringComparison.Ordinal)
                .Replace($"{{{upper}'s}}", person.Owns, StringComparison.Ordinal)
                .Replace($"{{{lower}-own}}", person.Own, StringComparison.Ordinal)
                .Replace($"{{{lower}:}}", person.Heads, StringComparison.Ordinal);
        text = Verb().Replace(text, m => $"{m.Groups[1].Value} {Agreeing(m.Groups[1].Value, m.Groups[2].Value)}");
        text = Article().Replace(text, "$1n ");
        return Opening().Replace(text, m => m.Value.ToUpperInvariant());
    }

    // "I is", "they has".
    private static string Agreeing(string who, string verb) =>
        (who, verb) switch
        {
            ("I", "is") => "am",
            (_, "is") => "are",
            ("I", "was" or "wasn't") => verb,
            (_, "was") => "were",
            (_, "wasn't") => "weren't",
            (_, "has") => "have",
            (_, "goes") => "go",
            (_, "tries") => "try",
            (_, "catches" or "finishes") => verb[..^2],
            _ => verb[..^1],
        };

    private static string Expected(string expect, bool mine, IReadOnlyDictionary<string, Name> put)
    {
        var text = Slot().Replace(expect, m => put[m.Groups[1].Value].Id);
        text = Who().Replace(text, m => m.Value[..^1] + (m.Value[^1] == 'A' == mine ? "me" : "partner"));
        return Done()
            .Replace(text, m => $"{m.Groups[1].Value} {(Vocabulary.Move(new MoveId(m.Groups[1].Value))!.IsSubmission ? "tap" : "landed")}");
    }

    [GeneratedRegex(@"\{(sub2?|pass2?|sweep2?|takedown2?|act2?|move2?|ed)\}")]
    private static partial Regex Slot();

    [GeneratedRegex(@"\b(I|they|They) (is|was|wasn't|has|goes|tries|catches|finishes|hits|gets|taps|keeps|likes|tends)\b")]
    private static partial Regex Verb();

    [GeneratedRegex(@"\b([aA]) (?=[aeiouAEIO])")]
    private static partial Regex Article();

    [GeneratedRegex(@"(?:^|[.] )[a-z]")]
    private static partial Regex Opening();

    [GeneratedRegex(@"(?:^|, )[AB]\b")]
    private static partial Regex Who();

    [GeneratedRegex(@"[.,!?]")]
    private static partial Regex Stop();

    [GeneratedRegex(",")]
    private static partial Regex Pause();

    [GeneratedRegex(@"(\S+) done")]
    private static partial Regex Done();

    private sealed record Person(string Acts, string Suffers, string Owns, string Own, string Heads);

    private sealed record Name(string Said, string Id);
}
