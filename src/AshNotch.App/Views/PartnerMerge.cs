namespace AshNotch.App.Views;

/// <summary>A merge that was made.</summary>
/// <param name="Merge">The number by which it is undone.</param>
public sealed record PartnerMerge(long Merge);
