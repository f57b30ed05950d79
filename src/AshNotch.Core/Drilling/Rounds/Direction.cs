namespace AshNotch.Core.Drilling.Rounds;

/// <summary>What a round is for.</summary>
public enum Direction
{
    /// <summary>To stop what they do.</summary>
    Stop,

    /// <summary>To land what I do.</summary>
    Land,
}
