namespace AshNotch.Core.Partners;

/// <summary>Advice that a partner gave.</summary>
/// <param name="Text">What they said.</param>
/// <param name="Day">When; null where no day is told.</param>
/// <param name="Roll">The roll it stands with; null where it was said of a session.</param>
public sealed record GivenAdvice(string Text, DateOnly? Day, string? Roll);
