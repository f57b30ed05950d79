using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>The match days, and what a new one begins as.</summary>
/// <param name="Coming">Those that are coming, the next one first.</param>
/// <param name="Past">Those that were, the newest first.</param>
/// <param name="Loose">Matches that belong to no day, the newest first.</param>
/// <param name="Fresh">A new one, as far as the log knows.</param>
/// <param name="Classes">The weight classes.</param>
/// <param name="Rules">The rules to choose from.</param>
public sealed record MatchesView(
    IReadOnlyList<MatchDayRow> Coming,
    IReadOnlyList<MatchDayRow> Past,
    IReadOnlyList<MatchRow> Loose,
    MatchDayDocument Fresh,
    IReadOnlyList<WeightClassView> Classes,
    IReadOnlyList<LedgerView.Choice> Rules
);
