using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>A penalty as written; <c>by</c> is required.</summary>
public sealed record PenaltyDocument
{
    /// <summary>Who was penalized.</summary>
    [TermOf(typeof(Who))]
    public string? By { get; set; }

    /// <summary>Time since the start, <c>m:ss</c>.</summary>
    public string? At { get; set; }

    /// <summary>What for.</summary>
    public string? Why { get; set; }
}
