using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>The practitioner from some day on, as written.</summary>
public sealed record PractitionerThenDocument
{
    /// <summary>The day, <c>yyyy-mm-dd</c>.</summary>
    public string? Since { get; set; }

    /// <summary>Belt.</summary>
    [TermOf(typeof(Belt))]
    public string? Belt { get; set; }

    /// <summary>Stripes.</summary>
    public int? Stripes { get; set; }

    /// <summary>Weight in kilograms.</summary>
    public double? WeightKg { get; set; }

    /// <summary>Age division.</summary>
    [TermOf(typeof(AgeDivision))]
    public string? AgeDivision { get; set; }
}
