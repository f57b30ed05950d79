using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>Places that are not known, so that nothing can be scored by them.</summary>
internal static class PlaceFaults
{
    /// <summary>Each once a notch, in the order of the roll.</summary>
    public static IEnumerable<LedgerFault> Of(Roll roll, MatVocabulary vocabulary)
    {
        for (var e = 0; e < roll.Exchanges.Count; e++)
        for (var n = 0; n < roll.Exchanges[e].Notches.Count; n++)
        {
            var notch = roll.Exchanges[e].Notches[n];
            foreach (var place in new[] { notch.From, notch.To }.OfType<PlaceId>().Distinct())
                if (vocabulary.Place(place) is null)
                    yield return new LedgerFault(e, n, $"'{place}' is no place known here; nothing is scored by it.");
        }
    }
}
