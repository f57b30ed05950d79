namespace AshNotch.Formats.Json;

/// <summary>What was taught, as written.</summary>
public sealed record TaughtDocument
{
    /// <summary>In words.</summary>
    public string? Text { get; set; }

    /// <summary>From where.</summary>
    public string? From { get; set; }

    /// <summary>Which move.</summary>
    public string? Move { get; set; }

    /// <summary>By whom.</summary>
    public string? By { get; set; }
}
