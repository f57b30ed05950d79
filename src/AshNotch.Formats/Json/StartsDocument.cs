namespace AshNotch.Formats.Json;

/// <summary>The starts of a drilled round as written; what is absent is none.</summary>
public sealed record StartsDocument
{
    /// <summary>How many were kept.</summary>
    public int? Kept { get; set; }

    /// <summary>How many were lost.</summary>
    public int? Lost { get; set; }
}
