using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>A notch on one possible course of the roll.</summary>
internal sealed record Event(Claim Claim, Who By, Move? Move, Outcome Outcome)
{
    /// <summary>Where it starts.</summary>
    public Place? From { get; init; }

    /// <summary>Where it leads, or would.</summary>
    public Place? To { get; init; }

    /// <summary>The words say where it leads.</summary>
    public bool IsToSaid { get; init; }

    /// <summary>The words say where it starts.</summary>
    public bool IsFromSaid { get; init; }

    /// <summary>What comes next may say otherwise how it came out.</summary>
    public bool IsOpen { get; init; }

    /// <summary>That there was a tap was said.</summary>
    public bool IsTapSaid { get; init; }

    /// <summary>Where the two were before it.</summary>
    public Place? Before { get; init; }

    /// <summary>The words it comes from.</summary>
    public Span Span { get; init; } = Claim.Span;

    /// <summary>Why, beside what its claim says: what was told after it.</summary>
    public Told<Because> Why { get; init; } = [];

    /// <summary>Whose it is was said.</summary>
    public bool IsWhoSaid { get; init; } = Claim.IsWhoSaid;
}

/// <summary>An exchange that ended.</summary>
/// <param name="Until">Index after its last event.</param>
/// <param name="Start">Where it started.</param>
/// <param name="End">How it ended.</param>
/// <param name="Words">The words that said where.</param>
internal sealed record Cut(int Until, Place? Start, ExchangeEnd? End, Span? Words);

/// <summary>One possible course of the roll as told so far, and what it costs to believe it.</summary>
internal sealed record State
{
    private const int Lately = 40;
    private const int RepairReaches = 40;

    /// <summary>Cost, in nats.</summary>
    public double Cost { get; init; }

    /// <summary>The events, oldest first.</summary>
    public Told<Event> Events { get; init; } = [];

    /// <summary>The exchanges that ended.</summary>
    public Told<Cut> Cuts { get; init; } = [];

    /// <summary>Where the exchange that goes on started.</summary>
    public Place? Start { get; init; }

    /// <summary>The words that said where it started.</summary>
    public Span? StartWords { get; init; }

    /// <summary>What names of places were taken for, and by whom.</summary>
    public Told<(Found Name, Place? Place, Who? By)> Understood { get; init; } = [];

    /// <summary>Where the two are.</summary>
    public Place? Now { get; init; }

    /// <summary>Taps or moves that are told one by one.</summary>
    public (Who By, int Left, SumClaim Claim, bool Told)? Sum { get; init; }

    /// <summary>Where every exchange starts in a round of one position.</summary>
    public Place? Drilled { get; init; }

    /// <summary>What somebody wanted to do when so many events were told.</summary>
    public (WishClaim Claim, int At)? Wished { get; init; }

    /// <summary>Where it was told that somebody stacked the other out of a hold.</summary>
    public int? Stacked { get; init; }

    /// <summary>Those words may as well go on.</summary>
    public bool RepairIsMild { get; init; }

    /// <summary>Where words end that take back what was said last.</summary>
    public int? Repairs { get; init; }

    /// <summary>It was said that nobody tapped.</summary>
    public bool NoTaps { get; init; }

    /// <summary>Index of the first event of the exchange that goes on.</summary>
    public int First => Cuts.Count > 0 ? Cuts[^1].Until : 0;

    /// <summary>Nothing was told of the exchange that goes on.</summary>
    public bool IsFresh => Events.Count == First && Start is null;

    /// <summary>The last event of the exchange that goes on.</summary>
    public Event? Last => Events.Count > First ? Events[^1] : null;

    /// <summary>Whether one of the newest events is so; what lies farther back is not looked at, however long the telling.</summary>
    public bool HasLately(Func<Event, bool> so, int within = Lately)
    {
        for (var i = Events.Count - 1; i >= Math.Max(0, Events.Count - within); i--)
            if (so(Events[i]))
                return true;
        return false;
    }

    /// <summary>The events by the claims they come from.</summary>
    public Dictionary<Claim, Event> ByClaim()
    {
        var events = new Dictionary<Claim, Event>(ReferenceEqualityComparer.Instance);
        foreach (var e in Events)
            events.TryAdd(e.Claim, e);
        return events;
    }

    /// <summary>Whether a claim puts right what was said last: it follows on the words that take it back.</summary>
    public bool PutsRight(Claim claim) => Repairs is { } end && claim.Span.Start - end < RepairReaches;

    /// <summary>The same, dearer.</summary>
    public State Plus(double cost) => cost == 0 ? this : this with { Cost = Cost + cost };

    /// <summary>With one event put for another.</summary>
    public State With(int index, Event put) => this with { Events = Events.With(index, put) };

    /// <summary>With the last event done by whom a claim says.</summary>
    public State TurnedOver(Claim claim)
    {
        if (Events.Count == 0 || Events[^1].By == claim.Whos[0].Is)
            return this;
        var last = Events[^1];
        var turned = last with
        {
            By = claim.Whos[0].Is,
            From = last.From?.SeenBy(Who.Partner),
            To = last.To?.SeenBy(Who.Partner),
            IsWhoSaid = true,
        };
        return With(Events.Count - 1, turned) with { Now = Events.Count > First ? turned.To ?? turned.From : Now };
    }

    /// <summary>Without the last event, even if it ended an exchange; null when there is none.</summary>
    public State? TakenBack()
    {
        if (Events.Count == 0)
            return null;
        var taken = Events[^1];
        var without = this with { Events = Events.WithoutLast(), Now = taken.Before };
        return Events.Count > First
            ? without
            : without with
            {
                Cuts = Cuts.WithoutLast(),
                Start = Cuts[^1].Start,
                StartWords = Cuts[^1].Words,
            };
    }

    /// <summary>Ended; what comes next starts another.</summary>
    public State Closed(ExchangeEnd? end) =>
        Events.Count == First && StartWords is null
            // Nothing was told of it but where it was to start.
            ? this with
            {
                Start = null,
                Now = null,
            }
            : this with
            {
                Cuts = Cuts.Add(new Cut(Events.Count, Start, end, StartWords)),
                StartWords = null,
                Start = null,
                Now = null,
            };
}
