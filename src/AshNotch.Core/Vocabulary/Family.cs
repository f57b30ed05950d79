namespace AshNotch.Core.Vocabulary;

/// <summary>Positions that are of one kind; their places borrow from each other.</summary>
public enum Family
{
    /// <summary>On the feet.</summary>
    Standing,

    /// <summary>Closed guard.</summary>
    ClosedGuard,

    /// <summary>Guards with the feet or grips at a distance.</summary>
    OpenGuard,

    /// <summary>Guards that lift with hooks.</summary>
    HookGuard,

    /// <summary>Half guard and its kin.</summary>
    HalfGuard,

    /// <summary>Passing positions before the legs are cleared.</summary>
    Passing,

    /// <summary>Pins from the side.</summary>
    Pin,

    /// <summary>Mount and its kin.</summary>
    Mount,

    /// <summary>Control from behind.</summary>
    Back,

    /// <summary>Turtle and front headlock.</summary>
    Turtle,

    /// <summary>Leg entanglements.</summary>
    Legs,
}
