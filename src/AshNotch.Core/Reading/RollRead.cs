using AshNotch.Core.Reading.Around;
using AshNotch.Core.Reading.Taps;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>What was read from a retelling.</summary>
/// <param name="Mentions">Names found, in order.</param>
/// <param name="Exchanges">Exchanges, in order.</param>
/// <param name="Takeaways">What the teller takes away.</param>
/// <param name="Unread">What was not understood, in order.</param>
/// <param name="Questions">What is doubtful, each with ready answers.</param>
public sealed record RollRead(
    IReadOnlyList<Mention> Mentions,
    IReadOnlyList<ReadExchange> Exchanges,
    IReadOnlyList<Takeaway> Takeaways,
    IReadOnlyList<Unread> Unread,
    IReadOnlyList<Question> Questions
)
{
    /// <summary>What is said of the roll as a whole.</summary>
    public IReadOnlyList<ToldFact> Facts { get; init; } = [];

    /// <summary>Chances that were missed.</summary>
    public IReadOnlyList<MissedChance> Missed { get; init; } = [];

    /// <summary>What was taught that day.</summary>
    public IReadOnlyList<Taught> Taught { get; init; } = [];

    /// <summary>What was set out to do; null when not said.</summary>
    public Mission? Mission { get; init; }

    /// <summary>The mission was told before anything that happened.</summary>
    public bool IsMissionFirst { get; init; }

    /// <summary>How many taps the roll's words sum up; null where they do not.</summary>
    public ToldTaps? Summed { get; init; }

    /// <summary>The score of a match that a bare pair said, mine first; null where none did.</summary>
    public (int Me, int Partner)? Score { get; init; }

    /// <summary>The readings of several rolls as one, in order, their offsets counted in the whole telling.</summary>
    public static RollRead Join(IReadOnlyList<ToldRoll> rolls)
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
                )
                {
                    Why = e.Why,
                })
            );
        }
        return new RollRead(
            [.. rolls.SelectMany(r => r.Read.Mentions.Select(m => m with { Start = m.Start + r.Start, End = m.End + r.Start }))],
            exchanges,
            takeaways,
            [.. rolls.SelectMany(r => r.Read.Unread.Select(u => u with { Start = u.Start + r.Start, End = u.End + r.Start }))],
            questions
        )
        {
            Missed = [.. rolls.SelectMany(r => r.Read.Missed)],
            Taught = [.. rolls.SelectMany(r => r.Read.Taught)],
            Mission = rolls.Select(r => r.Read.Mission).FirstOrDefault(m => m is not null),
        };
    }
}
