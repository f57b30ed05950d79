using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>How an area was rated on a day, as written.</summary>
public sealed record RatingDocument
{
    /// <summary>The day.</summary>
    public string? Date { get; set; }

    /// <summary>The area.</summary>
    [TermOf(typeof(Family))]
    public string? Area { get; set; }

    /// <summary>From 0 to 10.</summary>
    public int? Score { get; set; }
}
