using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>The practitioner as written.</summary>
public record PractitionerDocument
{
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

    /// <summary>The category that weight classes go by.</summary>
    [TermOf(typeof(MatchCategory))]
    public string? Category { get; set; }

    /// <summary><c>kg</c> or <c>lb</c>.</summary>
    [TermOf(typeof(WeightUnit))]
    public string? Units { get; set; }

    /// <summary>How it was before, oldest first.</summary>
    public List<PractitionerThenDocument>? History { get; set; }
}
