using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Simulation;

/// <summary>A way out of a place as it truly is.</summary>
/// <param name="From">Index of the place left.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move.</param>
/// <param name="To">Index of the place reached; -1 on a tap.</param>
/// <param name="Share">Share among what comes off for that side at that place.</param>
/// <param name="Tried">Share among what is tried and stopped there: who tries most does not land most.</param>
internal sealed record TrueExit(int From, Who By, MoveId Move, int To, double Share, double Tried);
