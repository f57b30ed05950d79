using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>The exits of one place; what is left to 1 stays.</summary>
/// <param name="Place">The place, seen from me.</param>
/// <param name="Exits">Its exits.</param>
/// <param name="Seen">Steps logged from here, unweighted.</param>
public sealed record FittedPlace(PlaceId Place, IReadOnlyList<FittedExit> Exits, int Seen)
{
    /// <summary>Chance that a step from here stays.</summary>
    public double Stay => Math.Max(0, 1 - Exits.Sum(e => e.Probability));
}
