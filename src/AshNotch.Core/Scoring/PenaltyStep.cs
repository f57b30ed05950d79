using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>What one more penalty does.</summary>
public enum PenaltyStep
{
    /// <summary>It is noted.</summary>
    [Said("is noted")]
    Noted,

    /// <summary>The other gets an advantage.</summary>
    [Said("gives the other an advantage")]
    Advantage,

    /// <summary>The other gets two points.</summary>
    [Said("gives the other two points")]
    Points,

    /// <summary>The match is lost.</summary>
    [Said("loses the match")]
    Loss,

    /// <summary>A point is taken off.</summary>
    [Said("takes a point off")]
    PointsOff,
}
