namespace AshNotch.Core.Vocabulary;

/// <summary>One meaning of a name.</summary>
/// <param name="Id">Id of the move or position meant.</param>
/// <param name="Near">Words near it that decide for this; null when nothing is needed.</param>
public sealed record NameChoice(string Id, IReadOnlyList<string>? Near = null);
