namespace AshNotch.Core.Reading.Rounds;

/// <summary>A place in a telling where somebody is named or described.</summary>
/// <param name="First">Index of the first word.</param>
/// <param name="Count">How many words it takes.</param>
/// <param name="Person">Who it is; null for somebody only described.</param>
internal sealed record Naming(int First, int Count, Person? Person)
{
    /// <summary>Index of the word after it.</summary>
    public int After => First + Count;
}
