namespace AshNotch.Core.Reading;

/// <summary>What the reader is not sure of.</summary>
public enum Doubt
{
    /// <summary>Whose action it was.</summary>
    Who,

    /// <summary>Who was on top, or attacking, in a place.</summary>
    Role,

    /// <summary>How it came out.</summary>
    Outcome,

    /// <summary>Where it began, after much that was not understood.</summary>
    Place,

    /// <summary>What was meant by words that sound like a name.</summary>
    Name,
}
