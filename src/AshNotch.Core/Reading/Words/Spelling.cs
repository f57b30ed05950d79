using System.Text;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Words;

/// <summary>
/// Hears names through slips of the finger and of a dictating machine: near spellings of single words, and names that sound the same when
/// run together.
/// </summary>
internal sealed class Spelling
{
    private const int ShortestHeard = 5;

    private readonly Dictionary<char, List<string>> known = [];
    private readonly HashSet<string> words = [];
    private readonly HashSet<string> stems = [];
    private readonly Dictionary<string, string?> corrected = [];
    private readonly Lock correcting = new();

    /// <summary>Words of everyday talk, which are never heard as something else.</summary>
    public static IReadOnlySet<string> Everyday { get; } = ShippedFile.Rows("everyday.txt").ToHashSet();

    // "Flowed" is no "flower", though only "flow" is in the list.
    private static readonly HashSet<string> EverydayStems = [.. Everyday.Where(w => w.Length > 3).Select(Word.StemOf)];

    /// <summary>Takes a name's words into account.</summary>
    public void Learn(string word)
    {
        stems.Add(Word.StemOf(word));
        if (!words.Add(word) || word.Length < ShortestHeard)
            return;
        if (!known.TryGetValue(word[0], out var list))
            known[word[0]] = list = [];
        list.Add(word);
    }

    /// <summary>Whether a word is part of some name.</summary>
    public bool Knows(Word word) => words.Contains(word.Text) || stems.Contains(word.Stem);

    /// <summary>Whether a word is neither everyday talk nor part of a name.</summary>
    public bool IsStrange(Word word) => !Everyday.Contains(word.Text) && !Knows(word) && !char.IsDigit(word.Text[0]);

    /// <summary>The stem a strange word was most likely meant to have, or its own.</summary>
    public string Meant(Word word)
    {
        if (word.Text.Length < ShortestHeard || !IsStrange(word) || EverydayStems.Contains(word.Stem))
            return word.Stem;
        string? meant;
        lock (correcting)
        {
            if (!corrected.TryGetValue(word.Text, out meant))
            {
                // Texts are endless, the words people mean are not.
                if (corrected.Count > 20_000)
                    corrected.Clear();
                corrected[word.Text] = meant = Nearest(word.Text);
            }
        }
        return meant ?? word.Stem;
    }

    private string? Nearest(string text)
    {
        var most = text.Length >= 8 ? 2 : 1;
        string? best = null;
        var nearest = most + 1;
        foreach (var candidate in known.GetValueOrDefault(text[0]) ?? [])
        {
            if (Math.Abs(candidate.Length - text.Length) > most)
                continue;
            var distance = Distance(text, candidate, most);
            if (distance >= nearest)
                continue;
            nearest = distance;
            best = candidate;
        }
        return best is null ? null : Word.StemOf(best);
    }

    /// <summary>
    /// How many letters must be changed, added, left out or swapped with their neighbour; more than <paramref name="most"/> is not counted
    /// out.
    /// </summary>
    /// <remarks>
    /// Optimal string alignment; Damerau, <i>A technique for computer detection and correction of spelling errors</i>, 1964.
    /// </remarks>
    public static int Distance(string a, string b, int most)
    {
        if (Math.Abs(a.Length - b.Length) > most)
            return most + 1;
        int[] before = [],
            last = new int[b.Length + 1],
            now = new int[b.Length + 1];
        for (var j = 0; j <= b.Length; j++)
            last[j] = j;
        for (var i = 1; i <= a.Length; i++)
        {
            now[0] = i;
            var least = i;
            for (var j = 1; j <= b.Length; j++)
            {
                var cost = a[i - 1] == b[j - 1] ? 0 : 1;
                now[j] = Math.Min(Math.Min(now[j - 1], last[j]) + 1, last[j - 1] + cost);
                if (i > 1 && j > 1 && a[i - 1] == b[j - 2] && a[i - 2] == b[j - 1])
                    now[j] = Math.Min(now[j], before[j - 2] + 1);
                least = Math.Min(least, now[j]);
            }
            if (least > most)
                return most + 1;
            (before, last, now) = (last, now, before.Length == 0 ? new int[b.Length + 1] : before);
        }
        return last[b.Length];
    }

    /// <summary>What a run of letters sounds like: consonants only after the first letter, those that sound alike made one.</summary>
    public static string Sound(string letters)
    {
        var sound = new StringBuilder(letters.Length);
        // The first letter of kn, gn and wr is not heard.
        for (
            var i = letters.Length > 1 && (letters[0], letters[1]) is ('k', 'n') or ('g', 'n') or ('w', 'r') ? 1 : 0;
            i < letters.Length;
            i++
        )
        {
            var c = letters[i];
            var next = i + 1 < letters.Length ? letters[i + 1] : ' ';
            var heard = c switch
            {
                'p' when next == 'h' => 'f',
                'c' => next is 'e' or 'i' or 'y' ? 's' : 'k',
                'q' or 'x' => 'k',
                'z' => 's',
                'w' or 'h' or 'y' => ' ',
                'd' => 't',
                'b' => 'p',
                'g' => 'k',
                'a' or 'e' or 'i' or 'o' or 'u' => i == 0 ? 'a' : ' ',
                'n' => 'm',
                _ => c,
            };
            if (heard != ' ' && (sound.Length == 0 || sound[^1] != heard))
                sound.Append(heard);
        }
        return sound.ToString();
    }
}
