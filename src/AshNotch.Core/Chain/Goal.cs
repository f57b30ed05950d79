using AshNotch.Core.Scoring;

namespace AshNotch.Core.Chain;

/// <summary>What a practitioner wants of a roll: an aim, and the rules by which points are counted.</summary>
/// <param name="Aim">The aim.</param>
/// <param name="Rules">The rules.</param>
public readonly record struct Goal(Aim Aim, Ruleset Rules)
{
    /// <summary>An aim under federation points.</summary>
    public static Goal Of(Aim aim) => new(aim, Ruleset.Federation);

    /// <summary>An aim under federation points.</summary>
    public static implicit operator Goal(Aim aim) => Of(aim);
}
