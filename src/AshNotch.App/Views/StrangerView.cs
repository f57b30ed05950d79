using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>An opponent of a match day, as far as anybody knows them.</summary>
/// <param name="Day">The id of the match day.</param>
/// <param name="DayName">Its name.</param>
/// <param name="Scouting">What is said of them, and by whom: hearsay until it happened.</param>
/// <param name="Heeds">What people of that belt do.</param>
/// <param name="Happened">The matches fought with them.</param>
/// <param name="Landed">What they did to me in those, each a sentence.</param>
public sealed record StrangerView(
    string Day,
    string DayName,
    ScoutingDocument Scouting,
    IReadOnlyList<HeedView> Heeds,
    IReadOnlyList<RollRow> Happened,
    IReadOnlyList<string> Landed
);
