using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>A name of the user's own, as written.</summary>
public sealed record OwnNameDocument
{
    /// <summary>The name.</summary>
    public string? Name { get; set; }

    /// <summary>Id of the move or position meant, or of a move of their own.</summary>
    public string? Id { get; set; }

    /// <summary>For a move of their own, what it is for.</summary>
    [TermOf(typeof(MoveKind))]
    public string? Kind { get; set; }
}
