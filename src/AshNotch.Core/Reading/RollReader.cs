using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Reads the telling of one roll as exchanges and notches. Deterministic; every notch carries the words it came from.</summary>
public static class RollReader
{
    private static readonly string[] TakeawayOpenings =
    [
        "next time",
        "need to",
        "i need to",
        "takeaway",
        "lesson",
        "note to self",
        "must remember",
        "remember to",
        "i want to drill",
        "i have to work on",
        "i need a",
    ];
    private static readonly HashSet<string> NoNames = ["the", "one", "big", "my", "a", "of", "from", "guy"];

    /// <summary>Reads a text.</summary>
    /// <param name="text">The telling of one roll.</param>
    /// <param name="book">The names of places and moves, the user's own among them.</param>
    /// <param name="partnerName">The partner's nickname, so that it is known when the text uses it.</param>
    /// <param name="stop">Nobody waits for it any more.</param>
    public static RollRead Read(string text, Phrasebook book, string? partnerName = null, CancellationToken stop = default)
    {
        (text, var said) = SaidAt.Of(text);
        var words = Word.Split(text);
        if (words.Count == 0)
            return new RollRead([], [], [], [], []);
        var names = Word.Split(partnerName ?? "").Select(w => w.Text).Where(w => w.Length > 1 && !NoNames.Contains(w)).ToHashSet();
        var found = book.Find(words, names);
        var clauses = Clause.Split(words, found, names);

        var telling = new RollFollower(book.Vocabulary);
        var talk = new TalkListener();
        var takeaways = new List<Takeaway>();
        var unread = new List<Unread>();
        for (var c = 0; c < clauses.Count; c++)
        {
            stop.ThrowIfCancellationRequested();
            var clause = clauses[c];
            if ((clause.NewSentence || c == 0 || clause.Says("next time")) && TakeawayOpenings.Any(o => StartsWith(clause, o)))
            {
                var (index, end) = Sentence(clauses, c);
                var last = telling.LastTold;
                takeaways.Add(new Takeaway(text[clause.Start..end].Trim(), last?.Exchange, last?.Notch));
                for (; c <= index; c++)
                    telling.Overhear(clauses[c]);
                c = index;
                continue;
            }
            var blamed = Cues.Causes.FirstOrDefault(k => clause.Says(k.Said));
            var kind = talk.Hear(clause);
            var heard = kind == Talk.Event && telling.Hear(clause);
            if (kind != Talk.Event)
                telling.Overhear(clause);
            if (kind == Talk.Advice && Advice(clauses, c, text) is { } advice)
                telling.Advise(advice);
            if (blamed.Cause is not null)
                heard |= telling.Blame(blamed.Cause);
            AddUnread(unread, text, clause, heard || kind is Talk.Advice, blamed.Said);
        }

        var exchanges = telling.Finish();
        var mentions = found.Select(f => Mention(f, words, text, telling.Understood)).ToList();
        return said.Give(
            new RollRead(
                mentions,
                [.. exchanges.Select(e => e.Read)],
                takeaways,
                unread,
                new Questions(book.Vocabulary).Of(exchanges, text)
            )
        );
    }

    // "coach said to sit out right away": what was said, and by whom.
    private static Advice? Advice(IReadOnlyList<Clause> clauses, int index, string text)
    {
        var clause = clauses[index];
        var from = clause
            .Words.Skip(clause.First)
            .Take(clause.After - clause.First)
            .Select(w => w.Text)
            .FirstOrDefault(w => w is "coach" or "professor" or "prof" or "instructor" or "sensei");
        if (from is null && clause.Subject is null)
            return null;
        var (_, end) = Sentence(clauses, index);
        return new Advice(
            text[clause.Start..Math.Min(end, clause.Start + 300)].Trim(),
            from ?? (clause.Subject == Who.Partner ? "partner" : null)
        );
    }

    private static (int Index, int End) Sentence(IReadOnlyList<Clause> clauses, int first)
    {
        var last = first;
        while (last + 1 < clauses.Count && !clauses[last + 1].NewSentence)
            last++;
        return (last, clauses[last].End);
    }

    private static bool StartsWith(Clause clause, string opening)
    {
        var wanted = opening.Split(' ');
        var first = clause.First;
        while (first < clause.After && clause.Words[first].Text is "and" or "so" or "but")
            first++;
        return clause.After - first >= wanted.Length && wanted.Select((w, i) => clause.Words[first + i].Text == w).All(same => same);
    }

    private static Mention Mention(Found found, IReadOnlyList<Word> words, string text, Dictionary<Found, (string Id, Who? By)> understood)
    {
        var start = words[found.First].Start;
        var end = words[found.After - 1].End;
        var (id, by) = understood.TryGetValue(found, out var known)
            ? known
            : (found.Move?.Id.Value ?? found.Position!.As(found.Position.Holder)!.Id.Value, null);
        return new Mention(start, end, text[start..end], id, found.Move is null ? MentionKind.Place : MentionKind.Move, by);
    }

    // A clause of which nothing was understood is shown whole; otherwise the words that say more than was understood.
    private static void AddUnread(List<Unread> unread, string text, Clause clause, bool heard, string? blamed)
    {
        var known = blamed is null ? [] : blamed.Split(' ').ToHashSet();
        var run = new List<Word>();
        foreach (var (_, word) in clause.Loose)
        {
            if (!known.Contains(word.Text) && !IsPlain(word, clause, heard))
                run.Add(word);
        }
        if (run.Count == 0)
            return;
        var (start, end) = heard ? (run[0].Start, run[^1].End) : (clause.Start, clause.End);
        if (heard)
        {
            foreach (var word in run)
                Add(unread, text, word.Start, word.End);
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

    private static bool IsPlain(Word word, Clause clause, bool heard) =>
        Cues.Plain.Contains(word.Stem)
        || Cues.Plain.Contains(word.Text)
        || clause.Names.Contains(word.Text)
        || (heard && Spelling.Everyday.Contains(word.Text))
        || People.Subject([word], 0, clause.Names) is not null
        || People.IsObject(word.Text)
        || Cues.Near.Contains(word.Text)
        || Cues.Stop.Contains(word.Stem)
        || Cues.Threat.Contains(word.Stem)
        || Cues.Abandon.Contains(word.Stem)
        || Cues.Finish.Contains(word.Stem)
        || Cues.Reset.Contains(word.Stem)
        || Cues.Time.Contains(word.Text)
        || Cues.Change.Contains(word.Stem)
        || Cues.Held.Contains(word.Stem)
        || Cues.Takes.Contains(word.Stem)
        || word.Stem is "tap" or "try" or "tri"
        || char.IsDigit(word.Text[0]);
}
