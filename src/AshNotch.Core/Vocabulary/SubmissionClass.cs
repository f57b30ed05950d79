namespace AshNotch.Core.Vocabulary;

/// <summary>What a submission attacks, in the order of danger to the uninitiated.</summary>
public enum SubmissionClass
{
    /// <summary>The neck, cutting off blood or air.</summary>
    Strangle,

    /// <summary>The elbow.</summary>
    Arm,

    /// <summary>The shoulder.</summary>
    Shoulder,

    /// <summary>The wrist.</summary>
    Wrist,

    /// <summary>The ankle or knee, straight.</summary>
    StraightLeg,

    /// <summary>A muscle pressed against bone.</summary>
    Compression,

    /// <summary>The knee or ankle, twisted.</summary>
    TwistingLeg,

    /// <summary>The neck or spine.</summary>
    Spine,
}
