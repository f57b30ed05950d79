namespace AshNotch.Core.Scoring;

/// <summary>What one more penalty does.</summary>
public enum PenaltyStep
{
    /// <summary>It is noted.</summary>
    Noted,

    /// <summary>The other gets an advantage.</summary>
    Advantage,

    /// <summary>The other gets two points.</summary>
    Points,

    /// <summary>The match is lost.</summary>
    Loss,

    /// <summary>A point is taken off.</summary>
    PointsOff,
}
