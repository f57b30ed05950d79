namespace AshNotch.Core.Rolls;

/// <summary>How deep a notch is cut: its weight.</summary>
public enum CutDepth
{
    /// <summary>Threatened, stopped or abandoned.</summary>
    Nick,

    /// <summary>Near: locked or almost there.</summary>
    Half,

    /// <summary>A landed change of place.</summary>
    Cut,

    /// <summary>A tap.</summary>
    Through,
}
