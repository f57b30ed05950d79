namespace AshNotch.Core.Matches;

/// <summary>How something came out that is entered while a match goes on.</summary>
public enum LiveHow
{
    /// <summary>It came off, and what is to be held was held.</summary>
    Scored,

    /// <summary>It was reached and not held.</summary>
    NotHeld,

    /// <summary>It was near.</summary>
    Near,
}
