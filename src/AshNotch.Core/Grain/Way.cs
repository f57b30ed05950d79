using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Grain;

/// <summary>One move out of a place, for a place that is opened.</summary>
/// <param name="From">The place.</param>
/// <param name="By">Whose.</param>
/// <param name="Move">The move; null where none was named.</param>
/// <param name="To">The place reached, where no move was named.</param>
/// <param name="Say">It in words.</param>
/// <param name="Rate">Chance per step there.</param>
/// <param name="Count">How often it came off in the log.</param>
/// <param name="Attempts">How often it was tried.</param>
public sealed record Way(PlaceId From, Who By, MoveId? Move, PlaceId? To, string Say, double Rate, int Count, int Attempts);
