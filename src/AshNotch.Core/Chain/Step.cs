using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>One step of a roll as a walk over places.</summary>
/// <param name="From">The place it starts from, seen from me.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move, if named.</param>
/// <param name="To">Where it led, seen from me; null on a tap, a stay, or where nobody knows.</param>
/// <param name="Result">What came of it.</param>
/// <param name="Weight">Recency times intensity, and 1/k for the k-th repeat in one roll.</param>
/// <param name="Roll">Index of the roll in the log.</param>
public sealed record Step(PlaceId From, Who By, MoveId? Move, PlaceId? To, StepResult Result, double Weight, int Roll);
