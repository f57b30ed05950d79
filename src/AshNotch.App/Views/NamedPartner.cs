namespace AshNotch.App.Views;

/// <summary>Which partner a name in the telling means, or whom one roll of it was with.</summary>
/// <param name="Name">The name as written; null where one roll is meant.</param>
/// <param name="Partner">The partner's id; empty for somebody of whom no record is kept.</param>
/// <param name="Words">The first words of the roll that is meant, empty for the first; null where the name is meant wherever it stands.</param>
/// <param name="Occurrence">Which time these words stand in the telling, from 0.</param>
public sealed record NamedPartner(string? Name, string? Partner, string? Words = null, int Occurrence = 0);
