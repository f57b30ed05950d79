namespace AshNotch.App.Views;

/// <summary>Whom a roll was with, as told or else as chosen.</summary>
/// <param name="Name">The name as written, or null.</param>
/// <param name="Partner">The partner's id, or null when there is none yet.</param>
/// <param name="New">A partner of that name will be added.</param>
/// <param name="Say">In words.</param>
public sealed record ToldPartnerView(string? Name, string? Partner, bool New, string Say);
