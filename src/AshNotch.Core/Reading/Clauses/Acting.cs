using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>Whether somebody named in a clause acts in it, or is acted on.</summary>
/// <param name="words">The words.</param>
/// <param name="items">The items.</param>
internal sealed class Acting(IReadOnlyList<Word> words, IReadOnlyList<Item> items)
{
    private readonly Neighbours around = new(words, items);

    /// <summary>Whether a person acts.</summary>
    /// <param name="at">Index of the person.</param>
    /// <param name="lead">The preposition before it; empty when there is none.</param>
    /// <param name="soft">A pause stands since the last words of the clause.</param>
    /// <param name="clause">The clause so far.</param>
    public bool Is(int at, string lead, bool soft, Clause clause)
    {
        var person = items[at];
        if (person.Acts)
            return true;
        var begins = clause.Items.Count == 0 || soft && !clause.IsFull;
        if (person.Suffers)
            return at + 1 < items.Count && (HeadsLine(at, begins || soft, clause) || IsSeen(at) || IsParticipial(at));
        return begins
            || soft
            || lead.Length == 0 && clause is { Verbs.Count: 0, Names.Count: 0 }
            || lead is "" or "out" or "off" or "in" or "up" or "down" && around.IsFollowedByVerb(at);
    }

    // "him: armbar", "me → triangle".
    private bool HeadsLine(int at, bool opens, Clause clause) =>
        opens && (words[items[at + 1].First].Before.IndexOfAny([':', '→', '>']) >= 0 || clause is { NewLine: true, Items.Count: 0 });

    // "You see him get the hook".
    private bool IsSeen(int at) => at > 0 && IsDeed(at + 1) && Grammar.Is("seeing", words[items[at - 1].After - 1].Text);

    // "With him shooting and me doing the guillotine".
    private bool IsParticipial(int at) =>
        at > 0
        && items[at - 1] is { Part: Part.Preposition, Text: "with" } or { Part: Part.Link, Kind: "and" }
        && IsDeed(at + 1)
        && words[items[at + 1].First].Text.EndsWith("ing", StringComparison.Ordinal);

    private bool IsDeed(int at) => items[at].Part is Part.Verb or Part.Name;
}
