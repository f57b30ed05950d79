namespace AshNotch.Core.Rolls;

/// <summary>Why an exchange ended.</summary>
public enum ExchangeEnd
{
    /// <summary>Somebody tapped.</summary>
    Tap,

    /// <summary>The round was over.</summary>
    Time,

    /// <summary>Both agreed to start again.</summary>
    Reset,

    /// <summary>The drilled position was lost.</summary>
    PositionLost,

    /// <summary>The edge of the mat, a wall, another pair.</summary>
    Boundary,

    /// <summary>Stopped for safety.</summary>
    Stopped,

    /// <summary>Stopped to talk it over.</summary>
    Talk,
}
