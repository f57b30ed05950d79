using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>One place of several rolls, lined up.</summary>
/// <param name="Place">The place.</param>
/// <param name="Rolls">What was done there in each roll, one after the other; empty where it was reached and nothing told, null where it was not reached.</param>
public sealed record PlaceRow(PlaceId Place, IReadOnlyList<IReadOnlyList<PlaceLine>?> Rolls);
