namespace AshNotch.Core.Vocabulary;

/// <summary>How a fixed term is said to a person, where its written form with blanks would not do.</summary>
/// <param name="words">The words.</param>
[AttributeUsage(AttributeTargets.Field)]
public sealed class SaidAttribute(string words) : Attribute
{
    /// <summary>The words.</summary>
    public string Words { get; } = words;
}
