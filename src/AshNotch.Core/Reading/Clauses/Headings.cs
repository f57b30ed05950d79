using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>"Oak (blue, 60): ...": whom the roll was with, said at the head of a line. He acts in nothing yet, unless the lines go by turns.</summary>
/// <param name="words">The words.</param>
internal sealed class Headings(IReadOnlyList<Word> words)
{
    private bool? hasTurns;

    /// <summary>Whether what a clause holds so far is a heading, when this stands after it.</summary>
    public bool IsOne(Clause clause, string after) =>
        clause is { NewSentence: true, IsFull: false } && After(clause) is { } head && Ends(head, after);

    /// <summary>Whether a clause began with one.</summary>
    public bool Opens(Clause clause) =>
        clause.NewSentence
            && After(clause) is { } head
            && clause.Items.IndexOf(head) + 1 is var next
            && next < clause.Items.Count
            && Ends(head, words[clause.Items[next].First].Before)
        || IsNamedFirst(clause);

    // "Then Oak, got swept": whom it was with, and then what happened.
    private bool IsNamedFirst(Clause clause) =>
        clause.Items.FindIndex(i => i.Part == Part.Person) is >= 0 and var at
        && at + 1 < clause.Items.Count
        && !IsPronoun(clause.Items[at])
        && clause.Items.Take(at).All(i => i.Part is Part.Link or Part.Word)
        && words[clause.Items[at + 1].First].Before.StartsWith(',');

    // "Oak ...", "R3 Oak ...", with something told after it.
    private Item? After(Clause clause) =>
        clause.Items switch
        {
            [{ Part: Part.Person } head, _, ..] => head,
            [{ Part: Part.Word or Part.Determiner or Part.Link }, { Part: Part.Person } head, _, ..] => head,
            [{ Part: Part.Person } head] when IsSpokenOf(head) => head,
            [{ Part: Part.Word or Part.Determiner or Part.Link }, { Part: Part.Person } head] when IsSpokenOf(head) => head,
            _ => null,
        };

    // "Oak: swept him, mount": the line speaks of him, so it is not his.
    private bool IsSpokenOf(Item head)
    {
        for (var i = head.After; i < words.Count && (i == head.After || !words[i].AfterStop); i++)
            if (Grammar.Is("partner-object", words[i].Text) || Grammar.Is("partner-subject", words[i].Text))
                return true;
        return false;
    }

    private bool Ends(Item head, string after) => after.Contains(':') && !IsPronoun(head) && !GoByTurns;

    private bool IsPronoun(Item head) =>
        head.After - head.First == 1
        && (head.Acts || Grammar.Is("me-object", words[head.First].Text) || Grammar.Is("partner-object", words[head.First].Text));

    /// <summary>The lines go by turns: "Me: ...", "Oak: ...". Then who stands at the head of one acts in it.</summary>
    public bool GoByTurns => hasTurns ??= HasTurns();

    private bool HasTurns() => words.Zip(words.Skip(1)).Any(w => w.First.Text == "me" && w.Second.Before.Contains(':'));
}
