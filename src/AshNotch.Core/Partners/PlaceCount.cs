using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>How often exchanges started or ended somewhere.</summary>
/// <param name="Place">The place.</param>
/// <param name="Times">How often.</param>
public sealed record PlaceCount(PlaceId Place, int Times);
