namespace AshNotch.Core.Rolls;

/// <summary>A check of a mission.</summary>
/// <param name="Text">What to watch, such as <c>both hands gripping before I sit</c>.</param>
/// <param name="Done">Whether it was kept; null when not said.</param>
public sealed record MissionCheck(string Text, bool? Done);
