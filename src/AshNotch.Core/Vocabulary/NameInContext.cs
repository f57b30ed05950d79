namespace AshNotch.Core.Vocabulary;

/// <summary>A name that means several things, and how to tell which.</summary>
/// <param name="Name">The name.</param>
/// <param name="Choices">What it may mean, the last one without condition.</param>
public sealed record NameInContext(string Name, IReadOnlyList<NameChoice> Choices);
