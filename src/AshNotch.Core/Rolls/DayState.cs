namespace AshNotch.Core.Rolls;

/// <summary>The state of the day.</summary>
/// <param name="Energy">How rested.</param>
/// <param name="Sore">What is sore, in the user's words.</param>
/// <param name="Note">A remark.</param>
public sealed record DayState(Energy? Energy, IReadOnlyList<string> Sore, string? Note);
