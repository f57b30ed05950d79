using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>An exchange as written.</summary>
public record WayDocument
{
    /// <summary>The place it starts from.</summary>
    public string? From { get; set; }

    /// <summary>Whose move.</summary>
    [TermOf(typeof(Who))]
    public string? By { get; set; }

    /// <summary>The move.</summary>
    public string? Move { get; set; }

    /// <summary>The place it leads to, where no move is named.</summary>
    public string? To { get; set; }

    /// <summary>The side it is worked on; absent for both.</summary>
    [TermOf(typeof(BodySide))]
    public string? Side { get; set; }
}
