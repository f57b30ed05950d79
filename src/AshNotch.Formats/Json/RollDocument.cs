using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>A roll as written.</summary>
public sealed record RollDocument
{
    /// <summary>Id.</summary>
    public string? Id { get; set; }

    /// <summary>The partner's id.</summary>
    public string? Partner { get; set; }

    /// <summary>The partner's belt that day.</summary>
    [TermOf(typeof(Belt))]
    public string? PartnerBelt { get; set; }

    /// <summary>The partner's stripes that day.</summary>
    public int? PartnerStripes { get; set; }

    /// <summary>The partner's weight that day, in kilograms.</summary>
    public double? PartnerWeightKg { get; set; }

    /// <summary>The partner's relative size that day.</summary>
    [TermOf(typeof(RelativeSize))]
    public string? PartnerSize { get; set; }

    /// <summary><c>free</c>, <c>positional</c>, <c>match</c> or <c>drill</c>.</summary>
    [TermOf(typeof(RollKind))]
    public string? Kind { get; set; }

    /// <summary>How hard I went: <c>light</c>, <c>steady</c> or <c>hard</c>.</summary>
    [TermOf(typeof(Intensity))]
    public string? Intensity { get; set; }

    /// <summary>How hard the partner went.</summary>
    [TermOf(typeof(Intensity))]
    public string? PartnerIntensity { get; set; }

    /// <summary>Length in minutes.</summary>
    public double? Minutes { get; set; }

    /// <summary>Planned length in minutes.</summary>
    public double? PlannedMinutes { get; set; }

    /// <summary>How the starts of a drilled round came out.</summary>
    public StartsDocument? Starts { get; set; }

    /// <summary>What it was meant for.</summary>
    [TermOf(typeof(Intent))]
    public string? Intent { get; set; }

    /// <summary>Chances that were missed.</summary>
    public List<MissedDocument>? Missed { get; set; }

    /// <summary>The penalties of a match.</summary>
    public List<PenaltyDocument>? Penalties { get; set; }

    /// <summary>The match day it was part of, by its id or name.</summary>
    public string? Event { get; set; }

    /// <summary>The division it was fought in.</summary>
    public string? Division { get; set; }

    /// <summary>What the referee said.</summary>
    public OfficialDocument? Official { get; set; }

    /// <summary>Id of the ruleset.</summary>
    public string? Rules { get; set; }

    /// <summary>The mission.</summary>
    public MissionDocument? Mission { get; set; }

    /// <summary>What the account leaves out: <c>starts-late</c>, <c>cut-short</c>.</summary>
    [TermOf(typeof(PartialAccount))]
    public List<string>? Partial { get; set; }

    /// <summary>The retelling as it was written.</summary>
    public string? Retelling { get; set; }

    /// <summary>Remarks.</summary>
    public string? Notes { get; set; }

    /// <summary>The exchanges.</summary>
    public List<ExchangeDocument>? Exchanges { get; set; }

    /// <summary>What was taken away.</summary>
    public List<TakeawayDocument>? Takeaways { get; set; }
}
