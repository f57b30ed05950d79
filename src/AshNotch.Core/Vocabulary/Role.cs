namespace AshNotch.Core.Vocabulary;

/// <summary>Who of the two I am in a place.</summary>
public enum Role
{
    /// <summary>Neither is above the other.</summary>
    Neutral,

    /// <summary>I am above, or hold the place (back control, front headlock).</summary>
    Top,

    /// <summary>I am below, or play the guard.</summary>
    Bottom,

    /// <summary>I attack in a leg entanglement.</summary>
    Attacking,

    /// <summary>I am attacked in a leg entanglement.</summary>
    Defending,
}
