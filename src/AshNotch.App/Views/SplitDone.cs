namespace AshNotch.App.Views;

/// <summary>A roll that was made two.</summary>
/// <param name="First">The first.</param>
/// <param name="Second">The id of the second.</param>
public sealed record SplitDone(RollView First, string Second);
