using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A block that is to begin: one of the proposed sets, or exchanges of the practitioner's own choice.</summary>
public sealed record BlockAsked
{
    /// <summary>Which of the proposed sets, from 0; absent for one's own choice.</summary>
    public int? Set { get; set; }

    /// <summary>One's own choice, the main one first.</summary>
    public List<WayDocument>? Ways { get; set; }

    /// <summary>The first day; today when absent.</summary>
    public string? Start { get; set; }

    /// <summary>How many weeks.</summary>
    public int? Weeks { get; set; }

    /// <summary>Why something else than the first set, if said.</summary>
    public string? Reason { get; set; }
}
