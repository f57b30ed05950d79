using AshNotch.Core.Scoring;

namespace AshNotch.Core.Matches;

/// <summary>What one practitioner keeps for matches: rules of their own, and the days.</summary>
public sealed record MatchBook
{
    /// <summary>Nothing yet.</summary>
    public static MatchBook None { get; } = new();

    /// <summary>Rules of their own.</summary>
    public IReadOnlyList<MatchRules> Rulesets { get; init; } = [];

    /// <summary>The days, the oldest first.</summary>
    public IReadOnlyList<MatchDay> Days { get; init; } = [];

    /// <summary>The day of this id or name; null where there is none.</summary>
    public MatchDay? Day(string? named) =>
        Days.FirstOrDefault(d => d.Id == named)
        ?? Days.LastOrDefault(d => string.Equals(d.Name, named, StringComparison.OrdinalIgnoreCase));

    /// <summary>The next day from one on; null where none is coming.</summary>
    public MatchDay? Next(DateOnly today) => Days.FirstOrDefault(d => d.Date >= today);

    /// <summary>What of these another does not know; where both know of one, the other's stands.</summary>
    public MatchBook NewTo(MatchBook known) =>
        new()
        {
            Rulesets = [.. Rulesets.Where(r => known.Rulesets.All(k => k.Id != r.Id))],
            Days = [.. Days.Where(d => known.Days.All(k => k.Id != d.Id))],
        };

    /// <summary>The same so many days later; for the demo, which is always fresh.</summary>
    public MatchBook ShiftedBy(int days) => this with { Days = [.. Days.Select(d => d with { Date = d.Date.AddDays(days) })] };
}
