using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>One start of an exchange.</summary>
/// <param name="Place">The place, seen from me.</param>
/// <param name="Weight">Recency times intensity.</param>
public sealed record Start(PlaceId Place, double Weight);
