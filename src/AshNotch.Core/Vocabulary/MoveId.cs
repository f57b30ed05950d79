namespace AshNotch.Core.Vocabulary;

/// <summary>
/// The id of a move as the record writes it, such as <c>knee-cut-pass</c>: a move of the vocabulary or a term of the user's own.
/// </summary>
/// <param name="Value">The id as written.</param>
public readonly record struct MoveId(string Value)
{
    /// <summary>The id of a text, or null where there is none.</summary>
    public static MoveId? Of(string? value) => value is null ? null : new MoveId(value);

    /// <summary>The id as written.</summary>
    public override string ToString() => Value;
}
