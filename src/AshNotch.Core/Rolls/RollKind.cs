namespace AshNotch.Core.Rolls;

/// <summary>What sort of roll.</summary>
public enum RollKind
{
    /// <summary>Free sparring.</summary>
    Free,

    /// <summary>Started from an agreed position.</summary>
    Positional,

    /// <summary>A match with rules.</summary>
    Match,
}
