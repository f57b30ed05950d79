using AshNotch.Core.Reading.Rounds;

namespace AshNotch.Core.Reading;

/// <summary>A telling cut into its rolls.</summary>
/// <param name="Rolls">The rolls, at least one.</param>
/// <param name="Starts">Where a roll begins, or might.</param>
public sealed record ToldRolls(IReadOnlyList<ToldRoll> Rolls, IReadOnlyList<RollStart> Starts);
