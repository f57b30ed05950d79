using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>One step of the walk over places: somebody tried to leave a place.</summary>
/// <param name="Kind">What was tried, and what came of it.</param>
/// <param name="Weight">Recency times intensity, and 1/k for the k-th repeat in one roll.</param>
/// <param name="Roll">Index of the roll in the walk.</param>
/// <param name="IsSupposed">Nobody told where it began; the place is the most plausible one.</param>
public readonly record struct Step(StepKind Kind, double Weight, int Roll, bool IsSupposed = false)
{
    /// <summary>The place, seen from me.</summary>
    public PlaceId From => Kind.Way.From;

    /// <summary>Whose move.</summary>
    public Who By => Kind.Way.By;

    /// <summary>The move, or null where nobody named it.</summary>
    public MoveId? Move => Kind.Way.Move;

    /// <summary>The place it led to; null on a tap, on a stop, or where nobody knows.</summary>
    public PlaceId? To => Kind.To;

    /// <summary>What came of it.</summary>
    public StepResult Result => Kind.Result;
}
