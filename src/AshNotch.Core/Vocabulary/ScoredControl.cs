namespace AshNotch.Core.Vocabulary;

/// <summary>What holding a position from above counts as in points rules.</summary>
public enum ScoredControl
{
    /// <summary>Knee on belly.</summary>
    KneeOnBelly,

    /// <summary>Mount.</summary>
    Mount,

    /// <summary>The back with both hooks.</summary>
    Back,
}
