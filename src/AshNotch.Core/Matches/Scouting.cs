using AshNotch.Core.Rolls;

namespace AshNotch.Core.Matches;

/// <summary>What is known of an opponent before a match, and what of it held.</summary>
public sealed record Scouting
{
    /// <summary>What they are called.</summary>
    public required string Opponent { get; init; }

    /// <summary>The id of the partner they are in the log; null for a stranger.</summary>
    public string? Partner { get; init; }

    /// <summary>Their belt.</summary>
    public Belt? Belt { get; init; }

    /// <summary>What is said of them.</summary>
    public IReadOnlyList<Hearsay> Known { get; init; } = [];

    /// <summary>What they start with.</summary>
    public string? Starts { get; init; }

    /// <summary>My plan A.</summary>
    public string? PlanA { get; init; }

    /// <summary>What not to do.</summary>
    public string? Avoid { get; init; }

    /// <summary>How to protect a lead against them.</summary>
    public string? Lead { get; init; }

    /// <summary>Afterwards: what held of it, and what did not.</summary>
    public string? Held { get; init; }
}
