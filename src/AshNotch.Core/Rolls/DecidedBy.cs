namespace AshNotch.Core.Rolls;

/// <summary>What decides who is ahead.</summary>
public enum DecidedBy
{
    /// <summary>A tap; in a match alone.</summary>
    Tap,

    /// <summary>Points.</summary>
    Points,

    /// <summary>Advantages.</summary>
    Advantages,

    /// <summary>Penalties: fewer are better.</summary>
    Penalties,

    /// <summary>The referee.</summary>
    Referee,

    /// <summary>Nothing: it is level.</summary>
    None,
}
