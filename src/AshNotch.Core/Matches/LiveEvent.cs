using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Matches;

/// <summary>One press while a match goes on.</summary>
/// <param name="By">Whose it is.</param>
/// <param name="For">What.</param>
/// <param name="How">How it came out.</param>
/// <param name="At">When, since the match began; null where no clock ran.</param>
public sealed record LiveEvent(Who By, ScoredFor For, LiveHow How, RollTime? At);
