namespace AshNotch.Core.Partners;

/// <summary>How a spell under pressure ended.</summary>
public enum PressedEnd
{
    /// <summary>I got out.</summary>
    Out,

    /// <summary>They went on to something else of their own accord.</summary>
    LetGo,

    /// <summary>The clock saved me.</summary>
    Clock,

    /// <summary>It was stopped: the boundary, a reset, safety, talk.</summary>
    Stopped,

    /// <summary>I tapped.</summary>
    Tapped,
}
