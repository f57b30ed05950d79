namespace AshNotch.Core.Reading.Rounds;

/// <summary>A part of a telling that is one roll, or tells of none.</summary>
/// <param name="First">Index of its first stretch.</param>
/// <param name="IsRoll">It tells of a roll.</param>
/// <param name="Person">Whom it was with; null when nobody is named.</param>
internal sealed record Cut(int First, bool IsRoll, Person? Person);
