namespace AshNotch.Core.Vocabulary;

/// <summary>What a move is for.</summary>
public enum MoveKind
{
    /// <summary>From the feet to the ground, on top.</summary>
    Takedown,

    /// <summary>From the feet to one's own guard.</summary>
    GuardPull,

    /// <summary>From one's guard to the top.</summary>
    Sweep,

    /// <summary>Past the legs.</summary>
    Pass,

    /// <summary>Out of a pin, the back, or an entanglement.</summary>
    Escape,

    /// <summary>Back to a guard, or from one guard to a better one.</summary>
    GuardRecovery,

    /// <summary>To the back.</summary>
    BackTake,

    /// <summary>From one place to another without any of these.</summary>
    Transition,

    /// <summary>To make the other tap.</summary>
    Submission,

    /// <summary>To hold or to grip.</summary>
    Control,
}
