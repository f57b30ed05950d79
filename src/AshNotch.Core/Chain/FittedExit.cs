namespace AshNotch.Core.Chain;

/// <summary>One way out of a place with its probability per step.</summary>
/// <param name="Key">Whose move, which, where to.</param>
/// <param name="To">Index of the place reached; -1 on a tap.</param>
/// <param name="Probability">Chance that a step from here is this exit.</param>
public sealed record FittedExit(ExitKey Key, int To, double Probability);
