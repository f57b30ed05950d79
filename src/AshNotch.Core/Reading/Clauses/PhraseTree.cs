using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>The phrases of the lexicon by their words, one after the other: a place where some of them have come to.</summary>
internal sealed class PhraseTree
{
    private const string Slot = "~";
    private const string Pause = ".";
    private const int LongestSlot = 3;

    // "Sat right down on my chest". Without a bound a text of nothing else would be one phrase, as deep as it is long.
    private const int MostWithin = 3;

    private readonly Dictionary<string, PhraseTree> steps = [];
    private readonly Dictionary<string, List<PhraseTree>> next = [];
    private readonly List<Act> acts = [];
    private string? move;
    private bool isBodily;

    /// <summary>Adds the forms of a row.</summary>
    public void Add(LexiconRow row)
    {
        foreach (var steps in row.Patterns.SelectMany(FormPattern.Steps))
        {
            var at = this;
            foreach (var step in steps)
                at = at.Next(step);
            if (!at.acts.Contains(row.Act))
                at.acts.Add(row.Act);
            at.move ??= row.Move;
            at.isBodily |= row.IsBodily;
        }
    }

    /// <summary>The longest phrase that stands from a word on; null when there is none.</summary>
    /// <param name="words">The words.</param>
    /// <param name="first">Index of its first.</param>
    /// <param name="until">Index of the word that it may not reach.</param>
    public Hit? At(IReadOnlyList<Word> words, int first, int until = int.MaxValue)
    {
        var best = Longest(words, first, first, LongestSlot, until);
        if ((first == 0 || words[first].AfterPause) && next.TryGetValue(Pause, out var apart))
            foreach (var opening in apart)
                best = Hit.Longer(opening.Longest(words, first, first, LongestSlot, until), best);
        return best is { Count: > 0 } ? best : null;
    }

    /// <summary>The same, as if a word stood before it.</summary>
    public Hit? After(string word, IReadOnlyList<Word> words, int first)
    {
        Hit? best = null;
        foreach (var then in next.GetValueOrDefault(word, []))
            best = Hit.Both(best, then.Longest(words, first, first, LongestSlot, int.MaxValue));
        return best is { Count: > 0 } ? best : null;
    }

    private PhraseTree Next(IReadOnlyList<string> step)
    {
        var key = string.Join('|', step);
        if (!steps.TryGetValue(key, out var then))
        {
            steps[key] = then = new PhraseTree();
            foreach (var word in step)
                if (next.TryGetValue(word, out var others))
                    others.Add(then);
                else
                    next[word] = [then];
        }
        return then;
    }

    private Hit? Longest(IReadOnlyList<Word> words, int first, int at, int slot, int until)
    {
        var best = acts.Count > 0 ? new Hit(at - first, acts, move, isBodily) : null;
        if (at >= until)
            return best;
        if (at >= words.Count || (at > first && words[at].AfterPause))
        {
            foreach (var end in next.GetValueOrDefault(Pause, []))
                if (end.acts.Count > 0)
                    best = new Hit(at - first, end.acts, end.move, end.isBodily);
            return best;
        }
        var straight = Onward(words, first, at, slot, until);
        for (var over = at; straight is null && at > first && over - at < MostWithin && Grammar.Is("within", words[over].Text); )
        {
            if (++over >= Math.Min(words.Count, until) || words[over].AfterPause)
                break;
            straight = Onward(words, first, over, slot, until) is { IsBodily: true } body ? body : null;
        }
        best = Hit.Longer(straight, best);
        foreach (var open in next.GetValueOrDefault(Slot, []))
        {
            // A slot is a pronoun, or an owner or an article and a word.
            var isShort = Grammar.Is("slot", words[at].Text);
            for (var skip = 1; skip <= slot && at + skip <= words.Count; skip++)
            {
                if (skip > 1 && words[at + skip - 1].AfterPause)
                    break;
                if (skip > 1 || isShort)
                    best = Hit.Longer(best, open.Longest(words, first, at + skip, 0, until));
                if (!Grammar.Is("before-noun", words[at + skip - 1].Text))
                    break;
            }
        }
        return best;
    }

    // The longest whose next word stands at a place.
    private Hit? Onward(IReadOnlyList<Word> words, int first, int at, int slot, int until)
    {
        Hit? best = null;
        foreach (var then in next.GetValueOrDefault(words[at].Text, []))
            best = Hit.Both(best, then.Longest(words, first, at + 1, slot, until));
        return best;
    }
}
