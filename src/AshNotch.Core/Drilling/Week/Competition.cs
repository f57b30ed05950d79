using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Week;

/// <summary>A competition that is coming.</summary>
/// <param name="Date">The day.</param>
/// <param name="Attire">What is worn there; null when not said.</param>
/// <param name="Division">The division as entered, in the practitioner's words; null when not said.</param>
/// <param name="Rules">Id of its ruleset; null when not said.</param>
public sealed record Competition(DateOnly Date, Attire? Attire, string? Division, string? Rules);
