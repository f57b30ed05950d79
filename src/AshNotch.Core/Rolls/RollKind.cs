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

    /// <summary>Practice: an agreed start, again and again, with a partner who lets it be practised.</summary>
    Drill,
}
