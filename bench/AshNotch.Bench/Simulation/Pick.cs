using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Simulation;

/// <summary>An exchange picked to be drilled.</summary>
/// <param name="From">The place.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move; null where none was named.</param>
/// <param name="To">The place reached, where no move was named.</param>
internal sealed record Pick(PlaceId From, Who By, MoveId? Move, PlaceId? To = null);
