namespace AshNotch.Core.Rolls;

/// <summary>One side of the board; what was not told is null, and null is not nought.</summary>
/// <param name="Points">Points.</param>
/// <param name="Advantages">Advantages.</param>
/// <param name="Penalties">Penalties.</param>
public sealed record OfficialScore(int? Points, int? Advantages, int? Penalties);
