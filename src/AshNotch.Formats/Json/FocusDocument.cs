using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>A chosen focus as written.</summary>
public sealed record FocusDocument
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

    /// <summary>The day it was chosen, <c>yyyy-mm-dd</c>.</summary>
    public string? Chosen { get; set; }

    /// <summary>Why.</summary>
    public string? Reason { get; set; }
}
