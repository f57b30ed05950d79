using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Names;

/// <summary>
/// Finds the vocabulary's names in a text, the longest first; forms of words, near spellings and sound-alikes are forgiven.
/// </summary>
public sealed class Phrasebook
{
    private const int LongestHeard = 4;
    private const int ShortestJoined = 7;

    private readonly Node root = new();
    private readonly Spelling spelling = new();
    private readonly Dictionary<string, Target> joined = [];
    private readonly Dictionary<string, List<(string Letters, Target Target)>> bySound = [];
    private readonly Dictionary<string, NameInContext> contexts;

    private Phrasebook(MatVocabulary vocabulary, IReadOnlyList<OwnName> own)
    {
        // What is added first keeps its name: the user's own win over ours.
        foreach (var name in own)
        {
            if (name.IsNothing)
                Add(name.Name, new Target(null, null));
            else if (name.Target(vocabulary) is { } target)
                Add(name.Name, new Target(target.Position, target.Move));
        }
        foreach (var move in vocabulary.Moves)
        foreach (var name in move.Names)
            Add(name, new Target(null, move));
        foreach (var position in vocabulary.Positions)
        foreach (var name in position.Names)
            Add(name, new Target(position, null));
        contexts = vocabulary.Contexts.Where(c => !own.Any(o => Stems(o.Name) == Stems(c.Name))).ToDictionary(c => Stems(c.Name));
        foreach (var name in vocabulary.Contexts)
            Add(name.Name, Of(vocabulary, name.Choices[^1].Id));
        Vocabulary = vocabulary;
    }

    /// <summary>The vocabulary whose names these are.</summary>
    public MatVocabulary Vocabulary { get; }

    /// <summary>
    /// The phrasebook of a vocabulary, with the user's own names, which win over ours. Making one takes a moment: keep it.
    /// </summary>
    public static Phrasebook Of(MatVocabulary vocabulary, IReadOnlyList<OwnName>? own = null) => new(vocabulary, own ?? []);

    /// <summary>Whether a word is neither everyday talk nor part of a name of the trade.</summary>
    internal bool IsStrange(Word word) => spelling.IsStrange(word);

    /// <summary>Finds names in order; they do not overlap.</summary>
    /// <param name="words">The words of the text.</param>
    /// <param name="people">Names of people in it, which are never heard as names of the trade.</param>
    public IReadOnlyList<Found> Find(IReadOnlyList<Word> words, IReadOnlySet<string>? people = null)
    {
        var stems = new string[words.Count];
        for (var i = 0; i < words.Count; i++)
            stems[i] = people?.Contains(words[i].Text) == true ? "" : spelling.Meant(words[i]);

        var found = new List<Found>();
        for (var i = 0; i < words.Count; )
        {
            if (stems[i].Length > 0 && (Longest(words, stems, i) ?? Heard(words, stems, i)) is { } best)
            {
                // "For the ankle pick" is no "for the ankle".
                if (Across(words, stems, best) is { } longer)
                    best = longer;
                if (best.Position is not null || best.Move is not null)
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

    private Found? Longest(IReadOnlyList<Word> words, string[] stems, int first)
    {
        var node = root;
        Found? best = null;
        var byEar = false;
        for (var i = first; i < words.Count; i++)
        {
            // A name may be written with hyphens or spaces, but not across a stop.
            if (i > first && words[i].AfterPause)
                break;
            if (!node.Next.TryGetValue(stems[i], out var next))
                break;
            byEar |= stems[i] != words[i].Stem;
            node = next;
            if (node.Pick(words, first, i) is not { } target)
                continue;
            if (!EverydayNames.Means(words, first, i, index => StartsGuard(words, stems, index)))
                continue;
            target = InContext(words, stems, first, i, target);
            best = new Found(first, i - first + 1, target.Position, target.Move, byEar);
        }
        return best;
    }

    // A name that begins within another, goes farther and says more.
    private Found? Across(IReadOnlyList<Word> words, string[] stems, Found name)
    {
        int Says(Found one) =>
            Enumerable.Range(one.First, one.Count).Count(i => words[i].Text is { Length: > 2 } and not ("the" or "for" or "his" or "her"));
        // "Took the back, step over" goes on with something else.
        if (words[name.After - 1].Text == "back")
            return null;
        for (var i = name.First + 1; i < name.After; i++)
            if (stems[i].Length > 0 && Longest(words, stems, i) is { } other && other.After > name.After && Says(other) >= Says(name))
                return other;
        return null;
    }

    // Names written together or apart ("under hook", "halfguard"), or written as they sound.
    private Found? Heard(IReadOnlyList<Word> words, string[] stems, int first)
    {
        Found? best = null;
        var letters = "";
        var strange = false;
        for (var i = first; i < Math.Min(words.Count, first + LongestHeard); i++)
        {
            if (stems[i].Length == 0 || (i > first && words[i].AfterPause))
                break;
            letters += words[i].Text;
            strange |= words[i].Text.Length > 2 && spelling.IsStrange(words[i]);
            if (letters.Length < ShortestJoined - 1)
                continue;
            if (
                joined.TryGetValue(letters, out var same)
                && (i > first || letters.Length >= ShortestJoined - 1)
                && EverydayNames.Means(words, first, i, _ => false)
            )
            {
                best = new Found(first, i - first + 1, same.Position, same.Move, true);
            }
            else if (strange && letters.Length >= ShortestJoined && spelling.IsStrange(words[first]) && Alike(letters) is { } alike)
            {
                best = new Found(first, i - first + 1, alike.Position, alike.Move, true);
            }
        }
        return best;
    }

    private Target? Alike(string letters)
    {
        if (!bySound.TryGetValue(Spelling.Sound(letters), out var candidates))
            return null;
        var most = letters.Length / 4 + 1;
        Target? best = null;
        var nearest = most + 1;
        foreach (var (written, target) in candidates)
        {
            var distance = Spelling.Distance(letters, written, most);
            if (distance >= nearest)
                continue;
            nearest = distance;
            best = target;
        }
        return best;
    }

    private bool StartsGuard(IReadOnlyList<Word> words, string[] stems, int index)
    {
        if (index >= words.Count)
            return false;
        var node = root;
        for (var i = index; i < words.Count && (i == index || !words[i].AfterPause) && node.Next.TryGetValue(stems[i], out var next); i++)
        {
            node = next;
            if (node.Place?.Target.Position is { Holder: Role.Bottom })
                return true;
        }
        return false;
    }

    private Target InContext(IReadOnlyList<Word> words, string[] stems, int first, int last, Target target)
    {
        if (!contexts.TryGetValue(string.Join(' ', stems[first..(last + 1)]), out var name))
            return target;
        foreach (var choice in name.Choices)
        {
            if (
                choice.Near is null
                || Enumerable
                    .Range(Math.Max(0, first - 6), Math.Min(words.Count, last + 7) - Math.Max(0, first - 6))
                    .Any(i => (i < first || i > last) && choice.Near.Contains(words[i].Text))
            )
            {
                return Of(Vocabulary, choice.Id);
            }
        }
        return target;
    }

    private static Target Of(MatVocabulary vocabulary, string id) =>
        vocabulary.Move(new MoveId(id)) is { } move ? new Target(null, move) : new Target(vocabulary.Position(id), null);

    private void Add(string name, Target target)
    {
        var node = root;
        var words = Word.Split(name);
        foreach (var word in words)
        {
            if (!node.Next.TryGetValue(word.Stem, out var next))
                node.Next[word.Stem] = next = new Node();
            node = next;
            spelling.Learn(word.Text);
        }
        if (target.Move is null)
            node.Place ??= (target, Plain(words));
        else
            node.Move ??= target;

        var letters = string.Concat(words.Select(w => w.Text));
        if (letters.Length < ShortestJoined - 1)
            return;
        joined.TryAdd(letters, target);
        if (letters.Length < ShortestJoined)
            return;
        var sound = Spelling.Sound(letters);
        if (!bySound.TryGetValue(sound, out var list))
            bySound[sound] = list = [];
        list.Add((letters, target));
    }

    private static string Plain(IReadOnlyList<Word> words) => string.Join(' ', words.Select(w => w.Text));

    private static string Stems(string name) => string.Join(' ', Word.Split(name).Select(w => w.Stem));

    private sealed record Target(Position? Position, Move? Move);

    private sealed class Node
    {
        public Dictionary<string, Node> Next { get; } = [];
        public Target? Move { get; set; }
        public (Target Target, string Written)? Place { get; set; }

        // "Mount" is the place and "mounted" the move, though they share a stem.
        public Target? Pick(IReadOnlyList<Word> words, int first, int last)
        {
            if (Move is null || Place is null)
                return Move ?? Place?.Target;
            var written = string.Join(' ', Enumerable.Range(first, last - first + 1).Select(i => words[i].Text));
            return written == Place.Value.Written ? Place.Value.Target : Move;
        }
    }
}
