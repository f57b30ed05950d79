using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>The exchange the practitioner chose to work on: one place, whose move, and which one.</summary>
/// <param name="From">The place it starts from, seen from me.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move's id; null for a change of place that nobody named.</param>
/// <param name="To">The place it leads to, where no move is named.</param>
/// <param name="Chosen">The day it was chosen.</param>
/// <param name="Reason">Why, in the practitioner's words, where they did not take the first of the ranking.</param>
public sealed record Focus(PlaceId From, Who By, MoveId? Move, PlaceId? To, DateOnly Chosen, string? Reason);
