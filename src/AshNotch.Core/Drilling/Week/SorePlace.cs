namespace AshNotch.Core.Drilling.Week;

/// <summary>A place on the body that can be sore.</summary>
public enum SorePlace
{
    /// <summary>The neck.</summary>
    Neck,

    /// <summary>A shoulder.</summary>
    Shoulder,

    /// <summary>An elbow.</summary>
    Elbow,

    /// <summary>A wrist.</summary>
    Wrist,

    /// <summary>The fingers.</summary>
    Fingers,

    /// <summary>The ribs.</summary>
    Ribs,

    /// <summary>The back.</summary>
    Back,

    /// <summary>A hip or the groin.</summary>
    Hip,

    /// <summary>A knee.</summary>
    Knee,

    /// <summary>An ankle or foot.</summary>
    Ankle,
}
