using System.Globalization;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Taps;

/// <summary>The phrases that sum up how often somebody tapped; read from <c>taps.txt</c>.</summary>
internal static class TapPhrases
{
    private static readonly Dictionary<string, HashSet<string>> Slots = ShippedFile
        .Rows("taps.txt")
        .Where(r => r[0] == '=')
        .Select(r => r[2..].Split(": "))
        .ToDictionary(r => r[0], r => r[1].Split(' ').ToHashSet());

    private const int MostOfWhere = 5;

    // Nobody lists more of one roll; a text that goes on so is read once, not from each of its words.
    private const int MostListed = 12;

    /// <summary>A row: a phrase, what it says of either side, an example.</summary>
    /// <param name="Phrase">Its words and slots.</param>
    /// <param name="Me">What I finished, as written.</param>
    /// <param name="Partner">What they finished, as written.</param>
    /// <param name="Example">An example.</param>
    internal sealed record Row(string[] Phrase, string Me, string Partner, string Example)
    {
        /// <summary>What it says without counting; null when it counts.</summary>
        public TapHintKind? Hint { get; } = Hints.TryGetValue(Me == "-" ? Partner : Me, out var kind) ? kind : null;
    }

    private static readonly Dictionary<string, TapHintKind> Hints = new()
    {
        ["1+"] = TapHintKind.Least,
        ["?"] = TapHintKind.Won,
        ["+"] = TapHintKind.More,
    };

    /// <summary>Whether a word is of a kind.</summary>
    public static bool IsOf(string kind, string word) => Slots[$"<{kind}>"].Contains(word);

    /// <summary>The rows.</summary>
    public static IReadOnlyList<Row> All { get; } =
    [
        .. ShippedFile
            .Rows("taps.txt")
            .Where(r => r[0] != '=')
            .Select(r => r.Split(" | "))
            .Select(r => new Row(r[0].Split(' '), r[1].Trim(), r[2].Trim(), r[3].Trim())),
    ];

    private static readonly FirstWords<Row> ByFirst = new(All, row => Beginnings(row.Phrase.First(p => p is not ("^" or "$"))));

    /// <summary>The rows that may stand from a word on.</summary>
    /// <param name="word">The word.</param>
    /// <param name="isPartner">It names the partner.</param>
    public static IReadOnlyList<Row> From(string word, bool isPartner) => isPartner ? All : ByFirst.At(word);

    private static HashSet<string>? Beginnings(string slot) =>
        slot is "<n>" or "<n-times>" or "<subs>" ? null
        : Slots.TryGetValue(slot, out var any) ? any
        : [slot];

    /// <summary>What a row says from a word on, and how many words it takes; null where it does not stand there.</summary>
    /// <param name="row">The row.</param>
    /// <param name="words">The words.</param>
    /// <param name="first">Index of the first word.</param>
    /// <param name="isPartner">Whether a word names the partner.</param>
    /// <param name="submission">How many words a submission takes that is named at a word; 0 where none is.</param>
    public static (int? Me, int? Partner, int Count)? At(
        Row row,
        IReadOnlyList<Word> words,
        int first,
        Func<int, bool> isPartner,
        Func<int, int> submission
    )
    {
        var i = first;
        var numbers = new List<int>();
        foreach (var slot in row.Phrase)
        {
            if (slot == "^" ? i > 0 && !words[i].AfterStop : slot == "$" && i < words.Count && !words[i].AfterPause)
                return null;
            if (slot is "^" or "$")
                continue;
            if (i >= words.Count || (i > first && words[i].AfterStop))
                return null;
            if (slot is "<n>" or "<n-times>")
            {
                if ((slot == "<n>" ? NumberAt(words, i) : TimesAt(words, i)) is not { } said)
                    return null;
                numbers.Add(said.Value);
                i += said.Count;
                continue;
            }
            if (slot == "<subs>")
            {
                if (SubmissionsAt(words, i, submission) is not { } said)
                    return null;
                numbers.Add(said.Value);
                i += said.Count;
                continue;
            }
            var fits = Slots.TryGetValue(slot, out var any)
                ? any.Contains(words[i].Text) || slot is "<they>" or "<them>" && isPartner(i)
                : slot == words[i].Text;
            if (!fits)
                return null;
            i++;
        }
        return (Result(row.Me, numbers), Result(row.Partner, numbers), i - first);
    }

    /// <summary>A number of taps at a word.</summary>
    public static (int Value, int Count)? NumberAt(IReadOnlyList<Word> words, int i) =>
        words[i].Text switch
        {
            "no" or "nil" or "zip" or "love" or "nothing" or "none" => (0, 1),
            "a" or "an" => (1, 1),
            _ => Numbers.At(words, i) is { Value: >= 0 and < 10, Unit: "" } n ? ((int)n.Value, n.Count) : null,
        };

    /// <summary>Submissions listed from a word on: "two armbars", "RNC and guillotine", "baseball choke, then a wrist lock".</summary>
    public static (int Value, int Count)? SubmissionsAt(IReadOnlyList<Word> words, int first, Func<int, int> submission)
    {
        var (i, count) = (first, 0);
        while (i < words.Count && count < MostListed)
        {
            var next = i;
            while (count > 0 && next < Math.Min(words.Count, i + MostOfWhere) && words[next].Text is "and" or "then" or "plus")
                next++;
            var some = next < words.Count && NumberAt(words, next) is { Value: > 0 } n ? n : (Value: 1, Count: 0);
            next += some.Count;
            if (next >= words.Count || (i > first && words[i].AfterStop) || submission(next) is not (> 0 and var taken))
                break;
            (i, count) = (next + taken + FromWhere(words, next + taken), count + some.Value);
        }
        return count == 0 ? null : (count, i - first);
    }

    // "Armbar from guard for me": where it came from says nothing of whose it was.
    private static int FromWhere(IReadOnlyList<Word> words, int first)
    {
        if (first >= words.Count || words[first].AfterPause || words[first].Text is not ("from" or "off"))
            return 0;
        for (var i = first + 1; i < Math.Min(words.Count, first + MostOfWhere) && !words[i].AfterPause; i++)
            if (words[i].Text is "for" or "against" or "and")
                return i - first;
        return 0;
    }

    private static (int Value, int Count)? TimesAt(IReadOnlyList<Word> words, int i)
    {
        if (words[i].Text == "both" && i + 1 < words.Count && words[i + 1].Text == "times")
            return (2, 2);
        if (words[i].Text == "thrice")
            return (3, 1);
        if (Numbers.Times(words, i) is { } alone && words[i].Text != "times")
            return (alone, 1);
        return i + 1 < words.Count && words[i + 1].Text is "times" or "time" && NumberAt(words, i) is { Value: > 0 } n
            ? (n.Value, 2)
            : null;
    }

    private static int? Result(string written, List<int> numbers) =>
        written switch
        {
            "#" => numbers[0],
            "##" => numbers[1],
            _ => int.TryParse(written, NumberStyles.None, CultureInfo.InvariantCulture, out var said) ? said : null,
        };
}
