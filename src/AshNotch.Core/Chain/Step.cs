using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>One step of the walk over places: somebody tried to leave a place.</summary>
/// <param name="From">The place, seen from me.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move, or null where nobody named it.</param>
/// <param name="To">The place it led to; null on a tap, on a stop, or where nobody knows.</param>
/// <param name="Result">What came of it.</param>
/// <param name="Weight">Recency times intensity, and 1/k for the k-th repeat in one roll.</param>
/// <param name="Roll">Index of the roll in the walk.</param>
public readonly record struct Step(PlaceId From, Who By, MoveId? Move, PlaceId? To, StepResult Result, double Weight, int Roll);
