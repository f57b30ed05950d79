using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>A penalty that a referee gave.</summary>
/// <param name="By">Who was penalized.</param>
/// <param name="At">When, since the roll began; null when not told.</param>
/// <param name="Why">What for; null when not told.</param>
public sealed record Penalty(Who By, RollTime? At, string? Why);
