using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>A name of the vocabulary found in a retelling.</summary>
/// <param name="First">Index of its first word.</param>
/// <param name="Count">How many words it takes.</param>
/// <param name="Position">The position it names, or null.</param>
/// <param name="Move">The move it names, or null.</param>
public sealed record Found(int First, int Count, Position? Position, Move? Move)
{
    /// <summary>Index of the word after it.</summary>
    public int After => First + Count;
}

/// <summary>Finds the vocabulary's names in a text, the longest first, forms of words forgiven.</summary>
public sealed class Phrasebook
{
    // Everyday words that name a place or a move only where the sentence says so.
    private static readonly HashSet<string> NeedCue = ["side", "half", "guard", "back", "the back", "double", "stack", "smash", "loop", "pull", "spider", "lasso", "sub", "crank", "recover", "pass", "inverted", "shrimp", "waiter", "reverse", "come up"];
    private static readonly HashSet<string> NeedCueStems = [.. NeedCue.Select(Stems)];
    private static readonly HashSet<string> PlaceCues = ["to", "in", "into", "from", "under", "get", "take", "pull", "have", "pass", "recov", "hold", "secur", "reach", "than", "then", "on", "land"];
    private static readonly HashSet<string> OwnerCues = ["my", "his", "her", "their", "the", "a", "an"];

    private readonly Node root = new();

    private Phrasebook(MatVocabulary vocabulary)
    {
        foreach (var move in vocabulary.Moves) foreach (var name in move.Names) Add(name, new Target(null, move));
        foreach (var position in vocabulary.Positions) foreach (var name in position.Names) Add(name, new Target(position, null));
    }

    /// <summary>The phrasebook of the built-in vocabulary.</summary>
    public static Phrasebook BuiltIn { get; } = new(MatVocabulary.BuiltIn);

    /// <summary>Finds names in order; they do not overlap.</summary>
    public IReadOnlyList<Found> Find(IReadOnlyList<Word> words)
    {
        var found = new List<Found>();
        for (var i = 0; i < words.Count;)
        {
            if (Longest(words, i) is { } best)
            {
                found.Add(best);
                i = best.After;
            }
            else
            {
                i++;
            }
        }
        return found;
    }

    private Found? Longest(IReadOnlyList<Word> words, int first)
    {
        var node = root;
        Found? best = null;
        for (var i = first; i < words.Count; i++)
        {
            // A name may be written with hyphens or spaces, but not across a stop.
            if (i > first && words[i].AfterPause) break;
            if (!node.Next.TryGetValue(words[i].Stem, out var next)) break;
            node = next;
            if (node.Pick(words, first, i) is { } target && (!node.NeedsCue || HasCue(words, first, i, target))) best = new Found(first, i - first + 1, target.Position, target.Move);
        }
        return best;
    }

    private static bool HasCue(IReadOnlyList<Word> words, int first, int last, Target target)
    {
        var before = first > 0 ? words[first - 1] : null;
        if (target.Move is not null)
        {
            // "he passed", "I pulled": the verb itself, or "a double", "the stack": named as a thing.
            return words[last].Text is "passed" or "passes" or "pulled" or "pulls" or "reversed" or "recovered" or "shrimped" or "stacked" or "smashed"
                || (before is not null && (OwnerCues.Contains(before.Text) || before.Text is "i" or "he" or "she" or "they" or "me" or "him" or "her" or "them" or "to" or "with" or "hit" or "of"));
        }
        if (before is null) return true;
        if (before.Text is "left" or "right" or "other" or "same" or "one" or "each" or "every" or "either" or "which" or "first" or "second" or "bottom" or "top") return before.Text is "bottom" or "top";
        if (PlaceCues.Contains(before.Stem)) return true;
        if (words[first].AfterPause) return last + 1 >= words.Count || words[last + 1].AfterPause;
        var twoBefore = first > 1 ? words[first - 2] : null;
        return words[first].Text is not "side" && OwnerCues.Contains(before.Text) && (words[first].Text is "guard" || (twoBefore is not null && PlaceCues.Contains(twoBefore.Stem)));
    }

    private void Add(string name, Target target)
    {
        var node = root;
        foreach (var word in Word.Split(name))
        {
            if (!node.Next.TryGetValue(word.Stem, out var next)) node.Next[word.Stem] = next = new Node();
            node = next;
        }
        if (target.Move is null) node.Place ??= (target, Plain(name));
        else node.Move ??= target;
        node.NeedsCue |= NeedCue.Contains(Plain(name)) || NeedCueStems.Contains(Stems(name));
    }

    private static string Plain(string name) => string.Join(' ', Word.Split(name).Select(w => w.Text));

    private static string Stems(string name) => string.Join(' ', Word.Split(name).Select(w => w.Stem));

    private sealed record Target(Position? Position, Move? Move);

    private sealed class Node
    {
        public Dictionary<string, Node> Next { get; } = [];
        public Target? Move { get; set; }
        public (Target Target, string Written)? Place { get; set; }
        public bool NeedsCue { get; set; }

        // "Mount" is the place and "mounted" the move, though they share a stem.
        public Target? Pick(IReadOnlyList<Word> words, int first, int last)
        {
            if (Move is null || Place is null) return Move ?? Place?.Target;
            var written = string.Join(' ', Enumerable.Range(first, last - first + 1).Select(i => words[i].Text));
            return written == Place.Value.Written ? Place.Value.Target : Move;
        }
    }
}
