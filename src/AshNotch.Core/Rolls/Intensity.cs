namespace AshNotch.Core.Rolls;

/// <summary>How hard somebody went.</summary>
public enum Intensity
{
    /// <summary>Flowing, or going easy.</summary>
    Light,

    /// <summary>The usual.</summary>
    Steady,

    /// <summary>As in a match.</summary>
    Hard,
}
