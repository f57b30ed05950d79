using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>The verbs and phrases of a telling, by what they do. Read from <c>lexicon.txt</c>, whose rows carry the examples they are tested by.</summary>
internal sealed class Lexicon
{
    private const string Slot = "~";
    private const string Pause = ".";
    private const int LongestSlot = 3;

    private readonly Node root = new();
    private readonly HashSet<string> bodily = [];

    private Lexicon(IReadOnlyList<Row> rows)
    {
        Rows = rows;
        foreach (var row in rows)
        foreach (var form in row.Forms)
        {
            if (row.IsBodily)
                bodily.Add(form);
            var node = root;
            foreach (var word in form.Split(' '))
            {
                if (!node.Next.TryGetValue(word, out var next))
                    node.Next[word] = next = new Node();
                node = next;
            }
            if (!node.Acts.Contains(row.Act))
                node.Acts.Add(row.Act);
            node.Move ??= row.Move;
        }
    }

    /// <summary>The lexicon as shipped.</summary>
    public static Lexicon BuiltIn { get; } = new([.. Read()]);

    /// <summary>Its rows.</summary>
    public IReadOnlyList<Row> Rows { get; }

    /// <summary>The longest phrase from a word on, and what it does; null when there is none.</summary>
    public (int Count, IReadOnlyList<Act> Acts, string? Move)? At(IReadOnlyList<Word> words, int first)
    {
        var best = Longest(root, words, first, first, LongestSlot);
        if (
            (first == 0 || words[first].AfterPause)
            && root.Next.TryGetValue(Pause, out var apart)
            && Longest(apart, words, first, first, LongestSlot) is { } alone
        )
            best = best is { } b && b.Count > alone.Count ? b : alone;
        return best is { Count: > 0 } ? best : null;
    }

    /// <summary>Whether words say what bodies do, to the letter: "bent my arm the wrong way".</summary>
    public bool IsBodily(IReadOnlyList<Word> words, int first, int count) =>
        bodily.Contains(string.Join(' ', words.Skip(first).Take(count).Select(w => w.Text)));

    /// <summary>The same for what goes on after a "be" that stands in the word before: "he's down".</summary>
    public (int Count, IReadOnlyList<Act> Acts)? AfterBe(IReadOnlyList<Word> words, int first) =>
        Longest(root.Next["is"], words, first, first, LongestSlot) is { Count: > 0 } found && found.Acts.Contains(Act.Falls)
            ? (found.Count, found.Acts)
            : null;

    private static (int Count, IReadOnlyList<Act> Acts, string? Move)? Longest(
        Node node,
        IReadOnlyList<Word> words,
        int first,
        int at,
        int slot
    )
    {
        (int Count, IReadOnlyList<Act> Acts, string? Move)? best = node.Acts.Count > 0 ? (at - first, node.Acts, node.Move) : null;
        if (at >= words.Count || (at > first && words[at].AfterPause))
            return node.Next.TryGetValue(Pause, out var end) && end.Acts.Count > 0 ? (at - first, end.Acts, end.Move) : best;
        if (node.Next.TryGetValue(words[at].Text, out var next) && Longest(next, words, first, at + 1, slot) is { } straight)
            best = Longer(best, straight);
        if (node.Next.TryGetValue(Slot, out var open))
        {
            // A slot is a pronoun, or an owner or an article and a word.
            var isShort = Grammar.Is("slot", words[at].Text);
            for (var skip = 1; skip <= slot && at + skip <= words.Count; skip++)
            {
                if (skip > 1 && words[at + skip - 1].AfterPause)
                    break;
                if ((skip > 1 || isShort) && Longest(open, words, first, at + skip, 0) is { } over)
                    best = Longer(best, over);
                if (!Grammar.Is("before-noun", words[at + skip - 1].Text))
                    break;
            }
        }
        return best;
    }

    private static (int Count, IReadOnlyList<Act> Acts, string? Move) Longer(
        (int Count, IReadOnlyList<Act> Acts, string? Move)? one,
        (int Count, IReadOnlyList<Act> Acts, string? Move) other
    ) => one is { } o && o.Count >= other.Count ? o : other;

    private static IEnumerable<Row> Read()
    {
        Act? act = null;
        string? move = null;
        foreach (var line in ShippedFile.Rows("lexicon.txt"))
        {
            if (line[0] == '[')
            {
                var head = line.Trim('[', ']').Split(' ');
                act = Enum.Parse<Act>(head[0].Replace("-", "", StringComparison.Ordinal), ignoreCase: true);
                move = head.Length > 1 ? head[1] : null;
                continue;
            }
            var parts = line.Split(" => ");
            var shown = parts.Length > 1 ? parts[1].Split('|') : [];
            yield return new Row(
                act!.Value,
                move,
                [.. parts[0].Split(", ").SelectMany(FormPattern.Forms)],
                shown.Length > 0 ? shown[0].Trim() : "",
                shown.Length > 1 ? shown[1].Trim() : "",
                parts[0].Contains('@', StringComparison.Ordinal)
            );
        }
    }

    /// <summary>One row.</summary>
    /// <param name="Act">What its words do.</param>
    /// <param name="Move">Of what does a move: its id.</param>
    /// <param name="Forms">Every form it goes by.</param>
    /// <param name="Example">A telling with one of them.</param>
    /// <param name="Expect">What is read from that.</param>
    /// <param name="IsBodily">Its forms say what bodies do, and whose.</param>
    internal sealed record Row(Act Act, string? Move, IReadOnlyList<string> Forms, string Example, string Expect, bool IsBodily);

    private sealed class Node
    {
        public Dictionary<string, Node> Next { get; } = [];
        public List<Act> Acts { get; } = [];
        public string? Move { get; set; }
    }
}
