namespace AshNotch.Core.Drilling.Plans;

/// <summary>A check, counted per try: the text, and how often it was met of how many tries.</summary>
/// <param name="Text">What was watched.</param>
/// <param name="Met">How often it was met.</param>
/// <param name="Of">Of how many tries.</param>
public sealed record CheckCount(string Text, int Met, int Of);
