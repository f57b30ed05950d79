namespace AshNotch.Core.Rolls;

/// <summary>How rested somebody was.</summary>
public enum Energy
{
    /// <summary>Rested.</summary>
    Rested,

    /// <summary>As usual.</summary>
    Usual,

    /// <summary>Tired.</summary>
    Tired,
}
