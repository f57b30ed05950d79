using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>A partner as written.</summary>
public sealed record PartnerDocument
{
    /// <summary>Id.</summary>
    public string? Id { get; set; }

    /// <summary>Nickname.</summary>
    public string? Name { get; set; }

    /// <summary>Belt.</summary>
    [TermOf(typeof(Belt))]
    public string? Belt { get; set; }

    /// <summary>Stripes.</summary>
    public int? Stripes { get; set; }

    /// <summary>Weight in kilograms.</summary>
    public double? WeightKg { get; set; }

    /// <summary>Relative size, <c>much-lighter</c> to <c>much-heavier</c>.</summary>
    [TermOf(typeof(RelativeSize))]
    public string? Size { get; set; }

    /// <summary>Traits.</summary>
    public List<string>? Traits { get; set; }

    /// <summary>Other spellings of the name.</summary>
    public List<string>? AlsoCalled { get; set; }

    /// <summary>Remarks.</summary>
    public string? Notes { get; set; }

    /// <summary>What they are owed, and were.</summary>
    public List<OwedDocument>? Owed { get; set; }
}
