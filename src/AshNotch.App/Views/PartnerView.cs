using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A partner in the list.</summary>
/// <param name="Partner">The partner.</param>
/// <param name="Rolls">How many rolls were logged with them.</param>
/// <param name="Last">The last day.</param>
/// <param name="Sticks">The newest rolls, newest first.</param>
public sealed record PartnerView(PartnerDocument Partner, int Rolls, DateOnly? Last, IReadOnlyList<RollRow> Sticks);
