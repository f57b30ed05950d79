using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>Rules that matches are scored by.</summary>
/// <param name="Own">They are the user's own.</param>
/// <param name="House">They are the house rules, which ship as a copy and may be changed.</param>
/// <param name="Rules">The rules.</param>
public sealed record RulesetView(bool Own, bool House, RulesetDocument Rules);
