namespace AshNotch.Formats.Json;

/// <summary>Something a partner is owed, as written.</summary>
public sealed record OwedDocument
{
    /// <summary>What, in the user's words.</summary>
    public string? Text { get; set; }

    /// <summary>The day it was promised.</summary>
    public string? Since { get; set; }

    /// <summary>The day it was given; absent as long as it is owed.</summary>
    public string? Given { get; set; }
}
