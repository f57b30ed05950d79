namespace AshNotch.App.Views;

/// <summary>Into which partner another is merged.</summary>
/// <param name="Into">The id of the one who stays.</param>
public sealed record PartnerToMerge(string? Into);
