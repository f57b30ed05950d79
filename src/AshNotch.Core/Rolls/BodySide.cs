namespace AshNotch.Core.Rolls;

/// <summary>On which side of the body.</summary>
public enum BodySide
{
    /// <summary>The left.</summary>
    Left,

    /// <summary>The right.</summary>
    Right,

    /// <summary>The side nearer to the one who acts.</summary>
    Near,

    /// <summary>The side farther from the one who acts.</summary>
    Far,
}
