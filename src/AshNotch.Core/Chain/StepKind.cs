using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>What was tried in a step and what came of it; the steps of a walk that are alike share one.</summary>
/// <param name="Number">Its place among the kinds of its walk, from 0, in order of appearance.</param>
/// <param name="Way">The exchange that it is.</param>
/// <param name="To">The place it led to; null on a tap, on a stop, or where nobody knows.</param>
/// <param name="Result">What came of it.</param>
public sealed record StepKind(int Number, Way Way, PlaceId? To, StepResult Result)
{
    /// <summary>The way out of its place that it is; null where it stayed, or nobody knows where it led.</summary>
    public ExitKey? Exit => Result == StepResult.Taps || To is not null ? new ExitKey(Way.By, Way.Move, To) : null;
}
