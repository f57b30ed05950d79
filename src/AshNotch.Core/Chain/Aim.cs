namespace AshNotch.Core.Chain;

/// <summary>What a practitioner wants of a roll; schools differ.</summary>
public enum Aim
{
    /// <summary>Points of the rules, a tap worth ten.</summary>
    Points,

    /// <summary>Taps, mine less theirs.</summary>
    Finish,

    /// <summary>Not being tapped.</summary>
    Survive,

    /// <summary>Half points, half finish, a finish counted at ten points so that both halves are on one scale.</summary>
    Balanced,
}
