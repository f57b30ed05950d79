using AshNotch.Core.Chain;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Rounds;

/// <summary>Where a place comes from in a practitioner's own rolls.</summary>
public static class Before
{
    /// <summary>The place that most often leads to another; null where none did.</summary>
    public static PlaceId? Of(PlaceId place, Walk walk) =>
        walk
            .Steps.Where(s => s.To == place && s.From != place)
            .CountBy(s => s.From)
            .OrderByDescending(c => c.Value)
            .ThenBy(c => c.Key.Value, StringComparer.Ordinal)
            .Select(c => (PlaceId?)c.Key)
            .FirstOrDefault();
}
