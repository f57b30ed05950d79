namespace AshNotch.Formats.Json;

/// <summary>A fear, as written.</summary>
public sealed record FearDocument
{
    /// <summary>Id.</summary>
    public string? Id { get; set; }

    /// <summary>In the user's words.</summary>
    public string? Text { get; set; }

    /// <summary>With whom, by id.</summary>
    public string? Partner { get; set; }

    /// <summary>What they do.</summary>
    public string? Move { get; set; }

    /// <summary>Where it happens or leads.</summary>
    public string? Place { get; set; }

    /// <summary>What I do when it comes.</summary>
    public string? Mine { get; set; }
}
