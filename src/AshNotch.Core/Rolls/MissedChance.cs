using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>A chance that was missed: <c>should have taken the back there</c>.</summary>
/// <param name="Text">In the practitioner's words.</param>
/// <param name="From">Where; null when not said.</param>
/// <param name="Move">What should have been done; null when not said.</param>
public sealed record MissedChance(string Text, PlaceId? From, MoveId? Move);
