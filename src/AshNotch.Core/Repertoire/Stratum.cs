using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Repertoire;

/// <summary>Where steps are alike: the place, and about how easy the partner is.</summary>
/// <param name="Place">The place.</param>
/// <param name="Ease">The class of the partner (<see cref="PartnerEase"/>).</param>
internal readonly record struct Stratum(PlaceId Place, int Ease);
