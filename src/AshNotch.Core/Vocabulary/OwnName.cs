namespace AshNotch.Core.Vocabulary;

/// <summary>A name that the user gave: another name for a move or position of ours, or a move of their own.</summary>
/// <param name="Name">The name, as they write or say it.</param>
/// <param name="Id">The id of a move or position of the vocabulary, or of a move of their own.</param>
/// <param name="Kind">For a move of their own, what it is for; null for another name of ours.</param>
public sealed record OwnName(string Name, string Id, MoveKind? Kind = null)
{
    /// <summary>What the name stands for; null when it names nothing known and says not what kind of move it is.</summary>
    public (Position? Position, Move? Move)? Target(MatVocabulary vocabulary)
    {
        if (vocabulary.Move(Id) is { } move)
            return (null, move);
        if (vocabulary.Positions.FirstOrDefault(p => p.Id == Id) is { } position)
            return (position, null);
        return Kind is { } kind ? (null, new Move(Id, Name, kind, null, [], null, 1, [Name], null)) : null;
    }
}

/// <summary>A name that means several things, and how to tell which.</summary>
/// <param name="Name">The name.</param>
/// <param name="Choices">What it may mean, the last one without condition.</param>
public sealed record NameInContext(string Name, IReadOnlyList<NameChoice> Choices);

/// <summary>One meaning of a name.</summary>
/// <param name="Id">Id of the move or position meant.</param>
/// <param name="Near">Words near it that decide for this; null when nothing is needed.</param>
public sealed record NameChoice(string Id, IReadOnlyList<string>? Near = null);
