using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>A move that may well come next.</summary>
/// <param name="By">Whose.</param>
/// <param name="Move">Its id.</param>
/// <param name="Seen">How often it was tried from here, in the log.</param>
public sealed record NextMove(Who By, MoveId Move, int Seen);
