using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>
/// What follows from putting one notch right: where it started and led to, and from where the next ones came, as far as nobody told it. What
/// was told, or put right itself, stays as it is.
/// </summary>
public static class CarryOn
{
    private const string FromField = "from";
    private const string ToField = "to";

    /// <summary>The exchange with notches put right in it, and with what follows from that.</summary>
    /// <param name="was">The exchange as it was.</param>
    /// <param name="now">For each of its notches what it is now: itself, another in its place, or null when it is taken out.</param>
    /// <param name="vocabulary">Where moves start and lead.</param>
    public static Exchange In(Exchange was, IReadOnlyList<Notch?> now, MatVocabulary vocabulary)
    {
        // A place that somebody was kept in, and nothing came of it.
        if (was.Notches.Count == 0)
            return was;
        var start = Whereabouts.StartOf(was);
        var (before, after) = (start, start);
        var notches = new List<Notch>();
        foreach (var (old, one) in was.Notches.Zip(now))
        {
            if (one is not null)
            {
                var carried = ReferenceEquals(old, one)
                    ? Moved(old, before, after, vocabulary)
                    : Settled(old, one, before, after, vocabulary);
                notches.Add(carried);
                after = Whereabouts.After(carried, after, vocabulary);
            }
            before = Whereabouts.After(old, before, vocabulary);
        }
        var begins = was.Start is { } told && told == was.Notches[0].From && now[0] is not null ? notches[0].From ?? told : was.Start;
        return was with { Start = begins, Notches = notches };
    }

    // A notch that somebody put right: what they left as it was follows from what they changed.
    private static Notch Settled(Notch old, Notch now, PlaceId? before, PlaceId? after, MatVocabulary vocabulary)
    {
        var byOther = now.By != old.By;
        if (now.From == old.From)
            now = now with { From = StartOf(old, now, before, after, vocabulary) };
        if (now.To != old.To || (!byOther && now.Move == old.Move && now.From == old.From && now.Outcome == old.Outcome))
            return now;
        if (now.Outcome != Outcome.Landed && now.Move is not null)
            return now with { To = null };
        return IsOpen(old, ToField) || (old.To is null && now.Outcome != old.Outcome)
            ? now with
            {
                To = EndOf(now, vocabulary),
            }
            : now with
            {
                To = byOther ? now.To?.Mirror : now.To,
            };
    }

    private static PlaceId? StartOf(Notch old, Notch now, PlaceId? before, PlaceId? after, MatVocabulary vocabulary)
    {
        var move = vocabulary.Move(now.Move);
        bool Fits(PlaceId? place) => move is null || vocabulary.Place(place) is not { } known || Landing.Suits(move, known, now.By);
        if (IsOpen(old, FromField) && after != before && after is not null && Fits(after))
            return after;
        if (Fits(now.From))
            return now.From;
        if (now.By != old.By && Fits(now.From?.Mirror))
            return now.From?.Mirror;
        return IsOpen(old, FromField) && Landing.Start(move!, now.By, vocabulary.Place(after)) is { } start ? start.Id : now.From;
    }

    // A notch that nobody touched starts where the one before it led, if nobody told otherwise.
    private static Notch Moved(Notch notch, PlaceId? before, PlaceId? after, MatVocabulary vocabulary)
    {
        if (before == after || after is null || notch.From != before || !IsOpen(notch, FromField))
            return notch;
        var move = vocabulary.Move(notch.Move);
        if (move is not null && vocabulary.Place(after) is { } place && !Landing.Suits(move, place, notch.By))
            return notch;
        var moved = notch with { From = after };
        return move is not null && notch.To is not null && IsOpen(notch, ToField) ? moved with { To = EndOf(moved, vocabulary) } : moved;
    }

    private static PlaceId? EndOf(Notch notch, MatVocabulary vocabulary) =>
        vocabulary.Move(notch.Move) is { } move ? Landing.End(move, notch.By, vocabulary.Place(notch.From))?.Id : notch.To;

    private static bool IsOpen(Notch notch, string field) => notch.Inferred.Contains(field);
}
