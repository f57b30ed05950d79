namespace AshNotch.Core.Reading;

/// <summary>What a name found in a telling names.</summary>
public enum MentionKind
{
    /// <summary>A place.</summary>
    Place,

    /// <summary>A move.</summary>
    Move,
}
