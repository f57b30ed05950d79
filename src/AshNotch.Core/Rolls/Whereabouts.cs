using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>
/// Where a roll stands: the one place that decides where an exchange starts and where it is after a notch. The stick, the captions, the tap
/// board, the reader and the chain all ask here. Every place is seen from me.
/// </summary>
public static class Whereabouts
{
    /// <summary>Where an exchange starts: as told, else where its first notch does; null when neither says.</summary>
    public static PlaceId? StartOf(Exchange exchange) => exchange.Start ?? (exchange.Notches.Count > 0 ? exchange.Notches[0].From : null);

    /// <summary>Where a notch that landed led: as told, else where its move usually leads from there; null when it moved nobody.</summary>
    public static PlaceId? LedTo(Notch notch, MatVocabulary vocabulary)
    {
        if (notch.Outcome != Outcome.Landed)
            return null;
        if (notch.To is { } told)
            return told == notch.From ? null : told;
        return vocabulary.Move(notch.Move) is { } move ? Landing.End(move, notch.By, vocabulary.Place(notch.From))?.Id : null;
    }

    /// <summary>Where the two are after a notch; what did not land leaves them where it was tried.</summary>
    /// <param name="notch">The notch.</param>
    /// <param name="now">Where they were before it, if known.</param>
    /// <param name="vocabulary">Where moves usually lead.</param>
    public static PlaceId? After(Notch notch, PlaceId? now, MatVocabulary vocabulary) => LedTo(notch, vocabulary) ?? notch.From ?? now;

    /// <summary>Where a roll stands after what was told of it; null when nothing was, or the next exchange has yet to begin.</summary>
    public static PlaceId? Now(IReadOnlyList<Exchange> exchanges, MatVocabulary vocabulary)
    {
        if (exchanges.Count == 0 || exchanges[^1].End is not null)
            return null;
        var last = exchanges[^1];
        return last.Notches.Aggregate(StartOf(last), (now, notch) => After(notch, now, vocabulary));
    }
}
