namespace AshNotch.Formats.Json;

/// <summary>A chosen focus as written.</summary>
public sealed record FocusDocument : WayDocument
{
    /// <summary>The day it was chosen, <c>yyyy-mm-dd</c>.</summary>
    public string? Chosen { get; set; }

    /// <summary>Why.</summary>
    public string? Reason { get; set; }
}
