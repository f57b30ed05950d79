using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A partner to choose.</summary>
/// <param name="Partner">The partner.</param>
/// <param name="Rolls">How many rolls were logged with them.</param>
/// <param name="Last">The last day.</param>
public sealed record PartnerView(PartnerDocument Partner, int Rolls, DateOnly? Last);
