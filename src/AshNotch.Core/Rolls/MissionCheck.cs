namespace AshNotch.Core.Rolls;

/// <summary>A check of a mission.</summary>
/// <param name="Text">What to watch, such as <c>both hands gripping before I sit</c>.</param>
/// <param name="Done">Whether it was kept on the whole; null when not said.</param>
/// <param name="Met">At how many tries it was met; null where nobody counted.</param>
/// <param name="Of">Of how many tries.</param>
public sealed record MissionCheck(string Text, bool? Done, int? Met = null, int? Of = null);
