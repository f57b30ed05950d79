namespace AshNotch.Core.Scoring;

/// <summary>How a move stands under rules.</summary>
public enum AllowedStanding
{
    /// <summary>No rule known here names it; that is not the same as allowed.</summary>
    NotKnown,

    /// <summary>A rule names it and lets them.</summary>
    Allowed,

    /// <summary>A rule keeps them from it.</summary>
    Barred,
}
