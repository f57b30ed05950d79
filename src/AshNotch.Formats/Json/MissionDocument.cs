namespace AshNotch.Formats.Json;

/// <summary>A mission as written.</summary>
public sealed record MissionDocument
{
    /// <summary>The mission.</summary>
    public string? Text { get; set; }

    /// <summary>Up to three checks.</summary>
    public List<CheckDocument>? Checks { get; set; }
}
