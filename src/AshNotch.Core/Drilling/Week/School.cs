namespace AshNotch.Core.Drilling.Week;

/// <summary>Where schools of the sport differ. The first of the two is what holds until something is chosen; where it can hurt, the careful one.</summary>
public enum School
{
    /// <summary>Keep what scores, or go for the finish.</summary>
    PointsOrFinish,

    /// <summary>Tight and heavy, or loose and quick.</summary>
    PressureOrFlow,

    /// <summary>Fight on the feet, or sit.</summary>
    StandOrSit,

    /// <summary>Hold a threat to draw the answer, or drop it for the next.</summary>
    HoldOrDrop,

    /// <summary>Tap early to a strangle, or work on in it.</summary>
    TapOrEndure,
}
