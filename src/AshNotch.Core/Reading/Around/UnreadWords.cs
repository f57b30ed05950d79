using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Around;

/// <summary>The words that were not understood: few, and quiet.</summary>
/// <param name="words">The words.</param>
/// <param name="names">Words of the partner's name.</param>
internal sealed class UnreadWords(IReadOnlyList<Word> words, IReadOnlySet<string> names)
{
    private readonly List<(int Start, int End, Who? EventBy)> unread = [];

    /// <summary>What was collected, in order.</summary>
    public IReadOnlyList<(int Start, int End, Who? EventBy)> All => unread;

    /// <summary>
    /// Adds those of a clause. One of which nothing was understood is shown whole; otherwise the words that say more than was understood.
    /// </summary>
    /// <param name="clause">The clause.</param>
    /// <param name="heard">Something of it was understood.</param>
    /// <param name="known">Words understood besides, by index.</param>
    /// <param name="fact">It is told as something that happened.</param>
    public void Add(Clause clause, bool heard, IReadOnlySet<int> known, bool fact)
    {
        // "Oak (blue, 60):" says whom it was with.
        if (clause.IsHeading)
            return;
        var loose = clause
            .Items.Where(i => i.Part is Part.Word or Part.Verb or Part.Modal || IsStranger(i, clause))
            .SelectMany(i => Enumerable.Range(i.First, i.After - i.First).Where(w => i.Part == Part.Person || !IsPlain(words[w], i, heard)))
            .Where(w => !known.Contains(w))
            .ToList();
        // What is only spoken of is shown with what it is of.
        if (loose.Count == 0 && (heard || clause.Names.Count == 0 || clause.Items.Count == clause.Names.Count))
            return;
        if (!heard)
        {
            Add(words[clause.First].Start, words[clause.After - 1].End, fact && IsEvent(clause) ? MoveUse.Of(clause.Subject) : null);
            return;
        }
        foreach (var w in loose)
            Add(words[w].Start, words[w].End, null);
    }

    // "He did that spinny thing": one of the two, and more than being or feeling.
    private bool IsEvent(Clause clause) =>
        clause.Subject is Party.Me or Party.Partner
        && !clause.Items.Any(i => i.Part is Part.Not or Part.Unable)
        && (clause.Verbs.Count > 0 || !clause.Items.Any(i => i.Part == Part.Be))
        && clause.Items.Any(i => i.Part is Part.Verb or Part.Word && !IsPlain(words[i.First], i, heard: false))
        && !Enumerable
            .Range(clause.First, clause.After - clause.First)
            .Any(w => Grammar.Is("no-event", words[w].Text) || Grammar.Is("no-event", words[w].Stem));

    // A word taken for somebody's name, of whom nothing is told.
    private bool IsStranger(Item item, Clause clause) =>
        item is { Part: Part.Person, Acts: false, Suffers: false, Party: Party.Partner }
        && item.After - item.First == 1
        && item.Text.Length > 1
        && !clause.IsFull
        && !names.Contains(item.Text);

    private bool IsPlain(Word word, Item item, bool heard) =>
        Grammar.Is("plain", word.Text)
        || Grammar.Is("plain", word.Stem)
        || names.Contains(word.Text)
        || (heard && (item.Part == Part.Verb || Spelling.Everyday.Contains(word.Text)))
        || item.Part == Part.Verb && item.After - item.First == 1 && item.Is(Act.Times)
        || char.IsDigit(word.Text[0])
        || word.Text is ['r', >= '1' and <= '9'];

    private void Add(int start, int end, Who? eventBy)
    {
        if (unread.Count > 0 && start >= unread[^1].Start && start - unread[^1].End <= 1)
        {
            (start, eventBy) = (unread[^1].Start, unread[^1].EventBy ?? eventBy);
            unread.RemoveAt(unread.Count - 1);
        }
        unread.Add((start, end, eventBy));
    }
}
