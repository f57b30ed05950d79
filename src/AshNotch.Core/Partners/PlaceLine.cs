using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>What one side did at a place in one roll.</summary>
/// <param name="By">Whose.</param>
/// <param name="Move">The move; null where nobody named it.</param>
/// <param name="Outcomes">How each try came out, in order.</param>
public sealed record PlaceLine(Who By, MoveId? Move, IReadOnlyList<Outcome> Outcomes);
