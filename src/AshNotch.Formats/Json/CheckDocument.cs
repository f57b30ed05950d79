namespace AshNotch.Formats.Json;

/// <summary>A check of a mission as written.</summary>
public sealed record CheckDocument
{
    /// <summary>What to watch.</summary>
    public string? Text { get; set; }

    /// <summary>Whether it was kept.</summary>
    public bool? Done { get; set; }

    /// <summary>At how many tries it was met.</summary>
    public int? Met { get; set; }

    /// <summary>Of how many tries.</summary>
    public int? Of { get; set; }
}
