using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>An earlier form of a partner.</summary>
/// <param name="At">When it was changed into another, UTC.</param>
/// <param name="Partner">The partner as they were described.</param>
public sealed record EarlierPartner(DateTimeOffset At, PartnerDocument Partner);
