using AshNotch.Core.Rolls;

namespace AshNotch.Core.Chain;

/// <summary>One roll of a walk: what it counts for, and how complete its telling is.</summary>
/// <param name="Logged">The roll.</param>
/// <param name="Weight">Recency times intensity.</param>
/// <param name="Steps">Its steps in order.</param>
/// <param name="Taps">Its steps that ended in a tap.</param>
/// <param name="Landings">Its steps that led to another place.</param>
/// <param name="Stays">Its steps that were stopped.</param>
/// <param name="Joints">Its landings and taps before which it is known where the last landing had led.</param>
/// <param name="Gaps">Those of them that began elsewhere: something between was not written.</param>
/// <param name="IsTimed">Told over film or captions, so that little was left out.</param>
public sealed record WalkedRoll(
    LoggedRoll Logged,
    double Weight,
    IReadOnlyList<Step> Steps,
    int Taps,
    int Landings,
    int Stays,
    int Joints,
    int Gaps,
    bool IsTimed
)
{
    /// <summary>What came off in it from a place that nobody told and that cannot be supposed.</summary>
    public int FromNowhere { get; init; }

    /// <summary>How many notches it has, teaching or not.</summary>
    internal int Notches { get; init; }

    /// <summary>How many kinds of steps the walk knew after it.</summary>
    internal int KindsAfter { get; init; }

    /// <summary>How many starts it had after it.</summary>
    internal int StartsAfter { get; init; }

    /// <summary>The roll itself.</summary>
    public Roll Roll => Logged.Roll;
}
