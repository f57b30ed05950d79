using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>An exchange with too few notches to say anything.</summary>
/// <param name="From">The place, seen from me.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move, if named.</param>
/// <param name="To">The place reached, where no move was named.</param>
/// <param name="Attempts">How often it was tried.</param>
/// <param name="Say">It in words, without a stop.</param>
public sealed record Untested(PlaceId From, Who By, MoveId? Move, PlaceId? To, int Attempts, string Say);
