using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>The exchanges as told so far, and where the walk is.</summary>
/// <param name="vocabulary">Where moves usually lead.</param>
internal sealed class Account(MatVocabulary vocabulary)
{
    private readonly List<(PlaceId? Start, ExchangeEnd? End, List<NotchSoFar> Notches, int From, int Until)> done = [];
    private List<NotchSoFar> notches = [];
    private int? opened;
    private int closed;

    /// <summary>Where the exchange began, if told.</summary>
    public Place? Start { get; set; }

    /// <summary>Where the walk is, as far as known.</summary>
    public Place? Now { get; set; }

    /// <summary>The notches of the exchange that goes on.</summary>
    public IReadOnlyList<NotchSoFar> Notches => notches;

    /// <summary>The last notch of the exchange that goes on, or null.</summary>
    public NotchSoFar? Last => notches.Count > 0 ? notches[^1] : null;

    /// <summary>The last notch of the exchange that ended last, or null.</summary>
    public NotchSoFar? LastBefore => notches.Count == 0 && done.Count > 0 && done[^1].Notches.Count > 0 ? done[^1].Notches[^1] : null;

    /// <summary>Nothing has been told of the exchange that goes on.</summary>
    public bool IsFresh => notches.Count == 0 && Start is null;

    /// <summary>Where the last notch told stands.</summary>
    public (int Exchange, int Notch)? LastTold =>
        notches.Count > 0 ? (done.Count, notches.Count - 1)
        : done.Count > 0 && done[^1].Notches.Count > 0 ? (done.Count - 1, done[^1].Notches.Count - 1)
        : null;

    /// <summary>Adds a notch.</summary>
    public NotchSoFar Add(NotchSoFar draft)
    {
        if (notches.Count == 0 && draft.Notch.From is { } from)
            Start ??= vocabulary.Place(from);
        notches.Add(draft);
        Now = vocabulary.Place(Whereabouts.After(draft.Notch, Now?.Id, vocabulary)) ?? Now;
        return draft;
    }

    /// <summary>The words of a clause belong to the exchange.</summary>
    public void Cover(int from, int until)
    {
        opened ??= from;
        closed = Math.Max(closed, until);
    }

    /// <summary>Ends the exchange; what comes next starts another.</summary>
    public void Close(ExchangeEnd? end)
    {
        if (!IsFresh)
        {
            var first = notches.Count > 0 ? notches[0].Notch.Span!.Value.Start : 0;
            var last = notches.Count > 0 ? notches[^1].Notch.Span!.Value.End : closed;
            done.Add(
                (Start?.Id, end, notches, Math.Min(opened ?? first, notches.Count > 0 ? first : int.MaxValue), Math.Max(closed, last))
            );
        }
        notches = [];
        Start = Now = null;
        opened = null;
        closed = 0;
    }

    /// <summary>The exchanges with what is in doubt of each notch.</summary>
    public IReadOnlyList<(ReadExchange Read, IReadOnlyList<NotchSoFar> Drafts)> Finish()
    {
        Close(null);
        return
        [
            .. done.Select(d =>
                (
                    new ReadExchange(
                        d.From,
                        d.Until,
                        new Exchange
                        {
                            Start = d.Start,
                            End = d.End,
                            Notches = [.. d.Notches.Select(n => n.Notch with { Unsure = n.Doubts.Count > 0 })],
                        }
                    ),
                    (IReadOnlyList<NotchSoFar>)d.Notches
                )
            ),
        ];
    }
}
