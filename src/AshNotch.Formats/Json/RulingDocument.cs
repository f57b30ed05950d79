using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>A line of the score that was overruled, as written; <c>for</c> is required.</summary>
public sealed record RulingDocument
{
    /// <summary>What for.</summary>
    [TermOf(typeof(ScoredFor))]
    public string? For { get; set; }

    /// <summary>Points that stand.</summary>
    public int? Points { get; set; }

    /// <summary>Advantages that stand.</summary>
    public int? Advantages { get; set; }

    /// <summary>Why.</summary>
    public string? Note { get; set; }
}
