namespace AshNotch.Formats.Json;

/// <summary>Advice as written.</summary>
public sealed record AdviceDocument
{
    /// <summary>What was said.</summary>
    public string? Text { get; set; }

    /// <summary>Who said it.</summary>
    public string? From { get; set; }
}
