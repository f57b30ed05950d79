using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>A roll as written.</summary>
public sealed record RollDocument
{
    /// <summary>Id.</summary>
    public string? Id { get; init; }

    /// <summary>The partner's id.</summary>
    public string? Partner { get; init; }

    /// <summary>The partner's belt that day.</summary>
    [TermOf(typeof(Belt))]
    public string? PartnerBelt { get; init; }

    /// <summary>The partner's stripes that day.</summary>
    public int? PartnerStripes { get; init; }

    /// <summary>The partner's weight that day, in kilograms.</summary>
    public double? PartnerWeightKg { get; init; }

    /// <summary>The partner's relative size that day.</summary>
    [TermOf(typeof(RelativeSize))]
    public string? PartnerSize { get; init; }

    /// <summary><c>free</c>, <c>positional</c> or <c>match</c>.</summary>
    [TermOf(typeof(RollKind))]
    public string? Kind { get; init; }

    /// <summary>How hard I went: <c>light</c>, <c>steady</c> or <c>hard</c>.</summary>
    [TermOf(typeof(Intensity))]
    public string? Intensity { get; init; }

    /// <summary>How hard the partner went.</summary>
    [TermOf(typeof(Intensity))]
    public string? PartnerIntensity { get; init; }

    /// <summary>Length in minutes.</summary>
    public double? Minutes { get; init; }

    /// <summary>Planned length in minutes.</summary>
    public double? PlannedMinutes { get; init; }

    /// <summary>Id of the ruleset.</summary>
    public string? Rules { get; init; }

    /// <summary>The mission.</summary>
    public MissionDocument? Mission { get; init; }

    /// <summary>What the account leaves out: <c>starts-late</c>, <c>cut-short</c>.</summary>
    [TermOf(typeof(PartialAccount))]
    public List<string>? Partial { get; init; }

    /// <summary>The retelling as it was written.</summary>
    public string? Retelling { get; init; }

    /// <summary>Remarks.</summary>
    public string? Notes { get; init; }

    /// <summary>The exchanges.</summary>
    public List<ExchangeDocument>? Exchanges { get; init; }

    /// <summary>What was taken away.</summary>
    public List<TakeawayDocument>? Takeaways { get; init; }
}
