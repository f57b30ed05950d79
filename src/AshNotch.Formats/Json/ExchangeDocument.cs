using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>An exchange as written.</summary>
public sealed record ExchangeDocument
{
    /// <summary>The place it started in.</summary>
    public string? Start { get; set; }

    /// <summary>Why it ended.</summary>
    [TermOf(typeof(ExchangeEnd))]
    public string? End { get; set; }

    /// <summary>Its notches.</summary>
    public List<NotchDocument>? Notches { get; set; }
}
