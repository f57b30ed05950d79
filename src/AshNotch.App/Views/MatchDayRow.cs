namespace AshNotch.App.Views;

/// <summary>A match day in a list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Date">The day.</param>
/// <param name="When">How far off it is, in words.</param>
/// <param name="Division">The division, in words.</param>
/// <param name="Matches">How many matches are kept.</param>
/// <param name="Say">What came of them, in words.</param>
/// <param name="Allowed">How many rules bar me from something there, in words; null where none is known.</param>
public sealed record MatchDayRow(
    string Id,
    string Name,
    DateOnly Date,
    string When,
    string Division,
    int Matches,
    string Say,
    string? Allowed
);
