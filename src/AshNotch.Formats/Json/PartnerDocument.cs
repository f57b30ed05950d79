using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>A partner as written.</summary>
public sealed record PartnerDocument
{
    /// <summary>Id.</summary>
    public string? Id { get; init; }

    /// <summary>Nickname.</summary>
    public string? Name { get; init; }

    /// <summary>Belt.</summary>
    [TermOf(typeof(Belt))]
    public string? Belt { get; init; }

    /// <summary>Stripes.</summary>
    public int? Stripes { get; init; }

    /// <summary>Weight in kilograms.</summary>
    public double? WeightKg { get; init; }

    /// <summary>Relative size, <c>much-lighter</c> to <c>much-heavier</c>.</summary>
    [TermOf(typeof(RelativeSize))]
    public string? Size { get; init; }

    /// <summary>Traits.</summary>
    public List<string>? Traits { get; init; }

    /// <summary>Other spellings of the name.</summary>
    public List<string>? AlsoCalled { get; init; }

    /// <summary>Remarks.</summary>
    public string? Notes { get; init; }
}
