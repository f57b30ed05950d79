using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Reads a retelling as exchanges and notches. Deterministic; every notch carries the words it came from.</summary>
public static class RetellingReader
{
    private static readonly string[] TakeawayOpenings = ["next time", "need to", "i need to", "takeaway", "lesson", "note to self", "must remember", "remember to"];

    /// <summary>Reads a text.</summary>
    /// <param name="text">The retelling of one roll.</param>
    /// <param name="partnerName">The partner's nickname, so that it is known when the text uses it.</param>
    public static Retelling Read(string text, string? partnerName = null)
    {
        var words = Word.Split(text);
        if (words.Count == 0) return new Retelling([], [], [], []);
        var found = Phrasebook.BuiltIn.Find(words);
        var names = Word.Split(partnerName ?? "").Select(w => w.Text).Where(w => w.Length > 1 && w is not ("the" or "one" or "big" or "my")).ToHashSet();
        var clauses = Clause.Split(words, found, names);

        var telling = new Telling();
        var takeaways = new List<Takeaway>();
        var unread = new List<Unread>();
        for (var c = 0; c < clauses.Count; c++)
        {
            var clause = clauses[c];
            if (clause.NewSentence && Sentence(clauses, c) is { } sentence && TakeawayOpenings.Any(o => StartsWith(clause, o)))
            {
                var last = telling.LastTold;
                takeaways.Add(new Takeaway(text[clause.Start..sentence.End].Trim(), last?.Exchange, last?.Notch));
                c = sentence.Index;
                continue;
            }
            var blamed = Cues.Causes.FirstOrDefault(k => clause.Says(k.Said));
            var heard = telling.Hear(clause);
            if (blamed.Cause is not null) heard |= telling.Blame(blamed.Cause);
            AddUnread(unread, text, clause, heard, blamed.Said);
        }

        var mentions = found.Select(f => Mention(f, words, text, telling.Understood)).ToList();
        return new Retelling(mentions, telling.Finish(), takeaways, unread);
    }

    private static (int Index, int End)? Sentence(IReadOnlyList<Clause> clauses, int first)
    {
        var last = first;
        while (last + 1 < clauses.Count && !clauses[last + 1].NewSentence) last++;
        return (last, clauses[last].End);
    }

    private static bool StartsWith(Clause clause, string opening)
    {
        var wanted = opening.Split(' ');
        return clause.After - clause.First > wanted.Length && wanted.Select((w, i) => clause.Words[clause.First + i].Text == w).All(same => same);
    }

    private static Mention Mention(Found found, IReadOnlyList<Word> words, string text, Dictionary<Found, (string Id, Who? By)> understood)
    {
        var start = words[found.First].Start;
        var end = words[found.After - 1].End;
        var (id, by) = understood.TryGetValue(found, out var known) ? known : (found.Move?.Id ?? MatVocabulary.BuiltIn.Place(found.Position!, found.Position!.Holder)!.Id, null);
        return new Mention(start, end, text[start..end], id, found.Move is null ? "place" : "move", by);
    }

    // A clause of which nothing was understood is shown whole; otherwise the words that say more than was understood.
    private static void AddUnread(List<Unread> unread, string text, Clause clause, bool heard, string? blamed)
    {
        var known = blamed is null ? [] : blamed.Split(' ').ToHashSet();
        var run = new List<Word>();
        foreach (var (_, word) in clause.Loose)
        {
            if (!known.Contains(word.Text) && !IsPlain(word, clause)) run.Add(word);
        }
        if (run.Count == 0) return;
        var (start, end) = heard ? (run[0].Start, run[^1].End) : (clause.Start, clause.End);
        if (heard)
        {
            foreach (var word in run) Add(unread, text, word.Start, word.End);
            return;
        }
        Add(unread, text, start, end);
    }

    private static void Add(List<Unread> unread, string text, int start, int end)
    {
        if (unread.Count > 0 && start >= unread[^1].Start && start - unread[^1].End <= 1)
        {
            start = unread[^1].Start;
            unread.RemoveAt(unread.Count - 1);
        }
        unread.Add(new Unread(start, end, text[start..end]));
    }

    private static bool IsPlain(Word word, Clause clause) =>
        Cues.Plain.Contains(word.Stem) || Cues.Plain.Contains(word.Text) || Cues.Me.Contains(word.Text) || Cues.Them.Contains(word.Text) || clause.Names.Contains(word.Text)
        || Cues.Near.Contains(word.Text) || Cues.Try.Contains(word.Stem) || Cues.Stop.Contains(word.Stem) || Cues.Threat.Contains(word.Stem) || Cues.Abandon.Contains(word.Stem)
        || Cues.Finish.Contains(word.Stem) || Cues.Reset.Contains(word.Stem) || Cues.Time.Contains(word.Text) || Cues.Change.Contains(word.Stem) || Cues.Held.Contains(word.Stem)
        || Cues.Takes.Contains(word.Stem) || word.Stem == "tap" || char.IsDigit(word.Text[0]);
}
