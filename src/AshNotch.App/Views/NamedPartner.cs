namespace AshNotch.App.Views;

/// <summary>Which partner a name in the telling means.</summary>
/// <param name="Name">The name as written.</param>
/// <param name="Partner">The partner's id; empty for somebody of whom no record is kept.</param>
public sealed record NamedPartner(string? Name, string? Partner);
