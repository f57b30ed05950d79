using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>The state of the day as written.</summary>
public sealed record DayStateDocument
{
    /// <summary><c>rested</c>, <c>usual</c> or <c>tired</c>.</summary>
    [TermOf(typeof(Energy))]
    public string? Energy { get; set; }

    /// <summary>What is sore.</summary>
    public List<string>? Sore { get; set; }

    /// <summary>A remark.</summary>
    public string? Note { get; set; }
}
