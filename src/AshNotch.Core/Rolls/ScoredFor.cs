namespace AshNotch.Core.Rolls;

/// <summary>What something scores for, or looks as if it did.</summary>
public enum ScoredFor
{
    /// <summary>From the feet to the top.</summary>
    Takedown,

    /// <summary>From a guard to the top.</summary>
    Sweep,

    /// <summary>Past the legs to a pin.</summary>
    Pass,

    /// <summary>Knee on belly.</summary>
    KneeOnBelly,

    /// <summary>Mount.</summary>
    Mount,

    /// <summary>Back control with hooks.</summary>
    Back,

    /// <summary>Pulling guard.</summary>
    GuardPull,

    /// <summary>Standing up from beneath.</summary>
    StandUp,

    /// <summary>To the top from beneath a pin or the turtle.</summary>
    Reversal,

    /// <summary>A submission, done or near.</summary>
    Submission,

    /// <summary>A penalty of a referee.</summary>
    Penalty,
}
