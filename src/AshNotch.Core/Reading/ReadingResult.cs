using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>A name of a place or a move found in a retelling.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last character.</param>
/// <param name="Text">The words as written.</param>
/// <param name="Id">Id of the move, or of the place as it was understood.</param>
/// <param name="Kind"><c>move</c> or <c>place</c>.</param>
/// <param name="By">Whose it is, where the sentence says.</param>
public sealed record Mention(int Start, int End, string Text, string Id, string Kind, Who? By);

/// <summary>Words that were not understood.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last character.</param>
/// <param name="Text">The words as written.</param>
public sealed record Unread(int Start, int End, string Text);

/// <summary>One exchange as read, with the words it spans.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last character.</param>
/// <param name="Exchange">The exchange.</param>
public sealed record ReadExchange(int Start, int End, Exchange Exchange);

/// <summary>What was read from a retelling.</summary>
/// <param name="Mentions">Names found, in order.</param>
/// <param name="Exchanges">Exchanges, in order.</param>
/// <param name="Takeaways">What the teller takes away.</param>
/// <param name="Unread">What was not understood, in order.</param>
/// <param name="Questions">What is doubtful, each with ready answers.</param>
public sealed record Retelling(
    IReadOnlyList<Mention> Mentions,
    IReadOnlyList<ReadExchange> Exchanges,
    IReadOnlyList<Takeaway> Takeaways,
    IReadOnlyList<Unread> Unread,
    IReadOnlyList<Question> Questions
)
{
    /// <summary>The readings of several rolls as one, in order, their offsets counted in the whole telling.</summary>
    public static Retelling Join(IReadOnlyList<ToldRoll> rolls)
    {
        var exchanges = new List<ReadExchange>();
        var takeaways = new List<Takeaway>();
        var questions = new List<Question>();
        foreach (var (start, _, _, read) in rolls)
        {
            takeaways.AddRange(read.Takeaways.Select(t => t.Exchange is null ? t : t with { Exchange = t.Exchange + exchanges.Count }));
            questions.AddRange(read.Questions.Select(q => q with { Exchange = q.Exchange + exchanges.Count }));
            exchanges.AddRange(
                read.Exchanges.Select(e => new ReadExchange(
                    e.Start + start,
                    e.End + start,
                    e.Exchange with
                    {
                        Notches =
                        [
                            .. e.Exchange.Notches.Select(n =>
                                n.Span is { } s ? n with { Span = new Span(s.Start + start, s.End + start) } : n
                            ),
                        ],
                    }
                ))
            );
        }
        return new Retelling(
            [.. rolls.SelectMany(r => r.Read.Mentions.Select(m => m with { Start = m.Start + r.Start, End = m.End + r.Start }))],
            exchanges,
            takeaways,
            [.. rolls.SelectMany(r => r.Read.Unread.Select(u => u with { Start = u.Start + r.Start, End = u.End + r.Start }))],
            questions
        );
    }
}
