using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>The practitioner from some day on, as written.</summary>
public sealed record PractitionerThenDocument
{
    /// <summary>The day, <c>yyyy-mm-dd</c>.</summary>
    public string? Since { get; init; }

    /// <summary>Belt.</summary>
    [TermOf(typeof(Belt))]
    public string? Belt { get; init; }

    /// <summary>Stripes.</summary>
    public int? Stripes { get; init; }

    /// <summary>Weight in kilograms.</summary>
    public double? WeightKg { get; init; }

    /// <summary>Age division.</summary>
    [TermOf(typeof(AgeDivision))]
    public string? AgeDivision { get; init; }
}
