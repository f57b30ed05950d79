using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>Places and moves of a log that the vocabulary does not know: the user's own terms.</summary>
public static class OwnTerms
{
    /// <summary>Their ids, each once, in order of appearance.</summary>
    public static IReadOnlyList<string> In(Log log, MatVocabulary vocabulary) =>
        [.. log.Rolls.SelectMany(r => r.Roll.Exchanges).SelectMany(e => In(e, vocabulary)).Distinct()];

    private static IEnumerable<string> In(Exchange exchange, MatVocabulary vocabulary)
    {
        if (exchange.Start is { } start && vocabulary.Place(start) is null)
            yield return start.Value;
        foreach (var notch in exchange.Notches)
        {
            if (notch.From is { } from && vocabulary.Place(from) is null)
                yield return from.Value;
            if (notch.To is { } to && vocabulary.Place(to) is null)
                yield return to.Value;
            if (notch.Move is { } move && vocabulary.Move(move) is null)
                yield return move.Value;
        }
    }
}
