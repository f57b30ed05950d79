using AshNotch.Core.Rolls;

namespace AshNotch.Core.Chain;

/// <summary>What came of one step of the walk.</summary>
public enum StepResult
{
    /// <summary>It led to another place.</summary>
    Lands,

    /// <summary>It ended in a tap.</summary>
    Taps,

    /// <summary>It was stopped, and the walk stays.</summary>
    Stays,
}

/// <summary>One step of a roll as a walk over places.</summary>
/// <param name="From">The place it starts from, seen from me.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move, if named.</param>
/// <param name="To">Where it led, seen from me; null on a tap, a stay, or where nobody knows.</param>
/// <param name="Result">What came of it.</param>
/// <param name="Weight">Recency times intensity, and 1/k for the k-th repeat in one roll.</param>
/// <param name="Roll">Index of the roll in the log.</param>
public sealed record Step(string From, Who By, string? Move, string? To, StepResult Result, double Weight, int Roll);

/// <summary>One start of an exchange.</summary>
/// <param name="Place">The place, seen from me.</param>
/// <param name="Weight">Recency times intensity.</param>
public sealed record Start(string Place, double Weight);
