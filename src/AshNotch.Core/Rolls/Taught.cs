using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>What was taught in a session.</summary>
/// <param name="Text">What, in the practitioner's words.</param>
/// <param name="From">From where; null when not said.</param>
/// <param name="Move">Which move; null when not said.</param>
/// <param name="By">By whom; null when not said.</param>
public sealed record Taught(string Text, PlaceId? From, MoveId? Move, string? By);
