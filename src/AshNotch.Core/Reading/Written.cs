using AshNotch.Core.Reading.Around;
using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Course;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Writes the best course down as exchanges and notches, with what was told around them and what is in doubt.</summary>
internal sealed class Written(IReadOnlyList<State> courses, IReadOnlyList<Word> words, string text, MatVocabulary vocabulary)
{
    private readonly State best = courses[0];
    private readonly Event[] events = [.. courses[0].Events];
    private readonly OtherReadings others = new(courses, vocabulary);

    /// <summary>The reading.</summary>
    /// <param name="found">The names in the text.</param>
    /// <param name="around">What was told around the events.</param>
    public RollRead Read(IReadOnlyList<Found> found, ToldAround around)
    {
        var doubts = Doubting.Of(courses, words);
        var notches = events.Select((e, i) => Notch(e, doubts.ContainsKey(i))).ToList();
        foreach (var (at, cause) in around.Causes)
            if (Before(at) is { } n && !notches[n].Causes.Contains(cause))
                notches[n] = notches[n] with { Causes = [.. notches[n].Causes, cause] };
        foreach (var (at, advice) in around.Advice)
            if (Before(at) is { } n)
                notches[n] = notches[n] with { Advice = [.. notches[n].Advice, advice] };
        foreach (var said in HeldSaid.In(words))
            if (said.Of(notches, vocabulary) is >= 0 and var n)
                notches[n] = notches[n] with { Held = said.Held ?? notches[n].Held, HeldSeconds = said.Seconds ?? notches[n].HeldSeconds };
        var exchanges = new List<(ReadExchange Read, IReadOnlyList<Doubted> Drafts)>();
        var place = new Dictionary<int, (int, int)>();
        var first = 0;
        foreach (var cut in best.Cuts)
        {
            for (var i = first; i < cut.Until; i++)
                place[i] = (exchanges.Count, i - first);
            exchanges.Add(Exchange(cut, first, notches, doubts));
            first = cut.Until;
        }
        var takeaways = around.Takeaways.Select(t =>
            Before(t.At) is { } n ? new Takeaway(t.Text, place[n].Item1, place[n].Item2) : new Takeaway(t.Text, null, null)
        );
        var byName = new Dictionary<Found, Who?>(ReferenceEqualityComparer.Instance);
        foreach (var e in events)
            if (e.Claim.Found is { } name)
                byName.TryAdd(name, e.By);
        var understood = new Dictionary<Found, (Place? Place, Who? By)>(ReferenceEqualityComparer.Instance);
        foreach (var (name, meant, by) in best.Understood)
            understood[name] = (meant, by);
        return new RollRead(
            [.. found.Select(f => Mention(f, byName, understood))],
            [.. exchanges.Select(e => e.Read)],
            [.. takeaways],
            [.. around.Unread.Select(u => new Unread(u.Start, u.End, text[u.Start..u.End], u.EventBy))],
            new Questions(vocabulary).Of(exchanges, text)
        )
        {
            Missed = around.Missed,
        };
    }

    private (ReadExchange, IReadOnlyList<Doubted>) Exchange(
        Cut cut,
        int first,
        List<Notch> notches,
        IReadOnlyDictionary<int, IReadOnlyList<Doubt>> doubts
    )
    {
        var mine = notches[first..cut.Until];
        var spans = mine.Select(n => n.Span!.Value).Concat(cut.Words is { } w ? [w] : []).ToList();
        return (
            new ReadExchange(
                spans.Min(s => s.Start),
                spans.Max(s => s.End),
                new Exchange
                {
                    Start = cut.Start?.Id,
                    End = cut.End,
                    Notches = mine,
                }
            )
            {
                Why = [.. events[first..cut.Until].Select(Why)],
                Others = [.. events[first..cut.Until].Zip(mine, (e, n) => others.Of(e, n, o => Notch(o, unsure: false)))],
            },
            [.. mine.Select((n, i) => new Doubted(n, doubts.GetValueOrDefault(first + i) ?? []))]
        );
    }

    private List<string> Why(Event e)
    {
        var why = e
            .Claim.Why.Concat(e.Why)
            .Select(b => b.Words is { } said ? $"“{text[said.Start..said.End]}” {b.Says}." : b.Says)
            .ToList();
        if (e.Move is not null && e.From is { } from && !e.IsFromSaid)
            why.Add(
                $"It starts {(from.Id == PlaceId.Standing ? "" : "in ")}{vocabulary.SayPlace(from.Id)}, where they were, or must have been for it."
            );
        if (e.Move is not null && e.To is { } to && !e.IsToSaid && e.Outcome == Outcome.Landed)
            why.Add($"That it led to {vocabulary.SayPlace(to.Id)} is what it usually does.");
        return why;
    }

    // The last event that was told before an offset.
    private int? Before(int at)
    {
        for (var i = events.Length - 1; i >= 0; i--)
            if (events[i].Span.Start < at)
                return i;
        return null;
    }

    private static Notch Notch(Event e, bool unsure)
    {
        var inferred = new List<string>();
        if (!e.IsFromSaid && e.From is not null)
            inferred.Add("from");
        if (e.Move is not null && !e.IsToSaid && e.To is not null)
            inferred.Add("to");
        // "He had my foot, I tapped": to what, the part of the body says.
        if (e.Claim is TapClaim { Hurt: { } hurt } && hurt == e.Move?.Id)
            inferred.Add("move");
        var move = e.Claim as MoveClaim;
        return new Notch
        {
            By = e.By,
            Move = e.Move?.Id,
            From = e.From?.Id,
            To = e.Outcome == Outcome.Landed || e.Move is null ? e.To?.Id : null,
            Outcome = e.Outcome,
            Given = move?.Given,
            Side = (e.Claim as NamedClaim)?.Side,
            At = RollTime.Of(move?.Clock.At),
            Remaining = RollTime.Of(move?.Clock.Remaining),
            Inferred = inferred,
            Span = e.Span,
            Unsure = unsure,
        };
    }

    private Mention Mention(Found name, Dictionary<Found, Who?> byName, Dictionary<Found, (Place? Place, Who? By)> understood)
    {
        var (start, end) = (words[name.First].Start, words[name.After - 1].End);
        var known = understood.GetValueOrDefault(name);
        var by = byName.GetValueOrDefault(name) ?? known.By;
        if (name.Move is { } move)
            return new Mention(start, end, text[start..end], move.Id.Value, MentionKind.Move, by);
        var place = known.Place ?? name.Position!.As(name.Position.Holder)!;
        return new Mention(start, end, text[start..end], place.Id.Value, MentionKind.Place, by);
    }
}
