using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>A chosen focus as written.</summary>
public sealed record FocusDocument
{
    /// <summary>The place it starts from.</summary>
    public string? From { get; init; }

    /// <summary>Whose move.</summary>
    [TermOf(typeof(Who))]
    public string? By { get; init; }

    /// <summary>The move.</summary>
    public string? Move { get; init; }

    /// <summary>The place it leads to, where no move is named.</summary>
    public string? To { get; init; }

    /// <summary>The day it was chosen, <c>yyyy-mm-dd</c>.</summary>
    public string? Chosen { get; init; }

    /// <summary>Why.</summary>
    public string? Reason { get; init; }
}
