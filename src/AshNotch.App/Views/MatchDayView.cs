using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A day of matches.</summary>
/// <param name="Day">The day in the open form.</param>
/// <param name="Version">Sent back with a change, so that nobody overwrites what they have not seen.</param>
/// <param name="When">How far off it is, in words.</param>
/// <param name="Division">The division in words.</param>
/// <param name="RulesId">Id of the rules.</param>
/// <param name="Rules">What the rules are called.</param>
/// <param name="Source">Where their values come from.</param>
/// <param name="Minutes">How long a match lasts; null where nobody knows.</param>
/// <param name="Weight">How my weight stands to the class, a sentence; null where nothing can be said.</param>
/// <param name="Barred">What is barred for me there, each with its rule.</param>
/// <param name="Matches">The matches, in order.</param>
/// <param name="Say">What came of them, in words.</param>
public sealed record MatchDayView(
    MatchDayDocument Day,
    string Version,
    string When,
    string Division,
    string RulesId,
    string Rules,
    string Source,
    double? Minutes,
    string? Weight,
    IReadOnlyList<string> Barred,
    IReadOnlyList<MatchRow> Matches,
    string Say
);
