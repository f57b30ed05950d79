using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Names;

/// <summary>When a name that is an everyday word too is a name of the trade. The rows stand in <c>senses.txt</c>.</summary>
/// <param name="Forms">The words it goes by.</param>
/// <param name="Needs">One of these must hold; none if anything will do.</param>
/// <param name="Bars">None of these may hold.</param>
/// <param name="IsName">A telling where it is a name, or none.</param>
/// <param name="IsNone">A telling where it is not.</param>
internal sealed record Sense(
    IReadOnlyList<string> Forms,
    IReadOnlyList<Sense.Beside> Needs,
    IReadOnlyList<Sense.Beside> Bars,
    string IsName,
    string IsNone
)
{
    private const string BreathEnds = ".";

    private static readonly ILookup<string, Sense> ByForm = Read()
        .SelectMany(s => s.Forms.Select(f => (f, s)))
        .ToLookup(p => p.f, p => p.s);

    /// <summary>All rows.</summary>
    public static IEnumerable<Sense> All => ByForm.SelectMany(g => g).Distinct();

    /// <summary>Whether a name written so is a name of the trade where it stands.</summary>
    public static bool Allows(string text, IReadOnlyList<Word> words, int first, int last) =>
        ByForm[text]
            .All(s =>
                (s.Needs.Count == 0 || s.Needs.Any(n => n.Holds(words, first, last))) && !s.Bars.Any(b => b.Holds(words, first, last))
            );

    private static IEnumerable<Sense> Read()
    {
        var classes = new Dictionary<string, string[]>();
        foreach (var line in ShippedFile.Rows("senses.txt"))
        {
            if (line[0] == '@')
            {
                var named = line.Split(": ");
                classes[named[0]] = named[1].Split(' ');
                continue;
            }
            var parts = line.Split(" | ");
            var (needs, bars) = (new List<Beside>(), new List<Beside>());
            foreach (var rule in parts[1].Split("; "))
            {
                var isNeed = rule.StartsWith("only ", StringComparison.Ordinal);
                var where = "";
                foreach (var said in rule[(rule.IndexOf(' ', StringComparison.Ordinal) + 1)..].Split(", "))
                {
                    // "never after the time, some time": where it stands is said once.
                    var names = said.Split(' ', 2) is [("before" or "after" or "at") and var at, var rest] ? (at, rest) : (where, said);
                    if (names.Item2 is "alone" or "first" or "ever")
                        names = (names.Item2, "");
                    where = names.Item1;
                    (isNeed ? needs : bars).AddRange(
                        (classes.GetValueOrDefault(names.Item2) ?? [names.Item2]).Select(w => new Beside(where, w.Split(' ')))
                    );
                }
            }
            yield return new Sense(parts[0].Split(", "), needs, bars, parts[2], parts[3]);
        }
    }

    /// <summary>Something that stands by a name.</summary>
    /// <param name="Where">Before it, after it, at the start of the telling; alone, first in a breath; ever.</param>
    /// <param name="Said">The words.</param>
    internal sealed record Beside(string Where, IReadOnlyList<string> Said)
    {
        /// <summary>Whether it stands by a name.</summary>
        public bool Holds(IReadOnlyList<Word> words, int first, int last)
        {
            var ends = last + 1 >= words.Count || words[last + 1].AfterPause;
            return Where switch
            {
                "ever" => true,
                "at" => first == 0,
                "alone" => ends && (first == 0 || words[first].AfterPause),
                "first" => first == 0 || words[first].AfterPause,
                "after" when Said[0] == BreathEnds => ends,
                "after" => !ends && Stands(words, last + 1),
                _ => Stands(words, first - Said.Count),
            };
        }

        private bool Stands(IReadOnlyList<Word> words, int from)
        {
            if (from < 0 || from + Said.Count > words.Count)
                return false;
            for (var i = 0; i < Said.Count; i++)
                if (words[from + i].Text != Said[i])
                    return false;
            return true;
        }
    }
}
