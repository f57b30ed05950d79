namespace AshNotch.Core.Vocabulary;

/// <summary>A name that the user gave: another name for a move or position of ours, or a move of their own.</summary>
/// <param name="Name">The name, as they write or say it.</param>
/// <param name="Id">The id of a move or position of the vocabulary, or of a move of their own.</param>
/// <param name="Kind">For a move of their own, what it is for; null for another name of ours.</param>
public sealed record OwnName(string Name, string Id, MoveKind? Kind = null)
{
    /// <summary>What a name means that is no name of the trade, though it sounds like one.</summary>
    public const string Nothing = "nothing";

    /// <summary>It is no name of the trade.</summary>
    public bool IsNothing => Id == Nothing;

    /// <summary>What the name stands for; null when it names nothing known and says not what kind of move it is.</summary>
    public (Position? Position, Move? Move)? Target(MatVocabulary vocabulary)
    {
        if (vocabulary.Move(new MoveId(Id)) is { } move)
            return (null, move);
        if (vocabulary.Position(Id) is { } position)
            return (position, null);
        return Kind is { } kind ? (null, new Move(new MoveId(Id), Name, kind, null, [], null, 1, [Name], null)) : null;
    }
}
