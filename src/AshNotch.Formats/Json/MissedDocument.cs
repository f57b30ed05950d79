namespace AshNotch.Formats.Json;

/// <summary>A missed chance as written.</summary>
public sealed record MissedDocument
{
    /// <summary>In words.</summary>
    public string? Text { get; set; }

    /// <summary>Where.</summary>
    public string? From { get; set; }

    /// <summary>What should have been done.</summary>
    public string? Move { get; set; }
}
