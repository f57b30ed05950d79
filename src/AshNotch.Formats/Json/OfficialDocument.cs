using AshNotch.Core.Rolls;

namespace AshNotch.Formats.Json;

/// <summary>What the referee of a match said, as written.</summary>
public sealed record OfficialDocument
{
    /// <summary>My side of the board.</summary>
    public OfficialScoreDocument? Me { get; set; }

    /// <summary>The other's.</summary>
    public OfficialScoreDocument? Partner { get; set; }

    /// <summary>Who was given it.</summary>
    [TermOf(typeof(MatchWinner))]
    public string? Winner { get; set; }

    /// <summary>What decided it.</summary>
    [TermOf(typeof(DecidedBy))]
    public string? By { get; set; }
}

/// <summary>One side of the board, as written.</summary>
public sealed record OfficialScoreDocument
{
    /// <summary>Points.</summary>
    public int? Points { get; set; }

    /// <summary>Advantages.</summary>
    public int? Advantages { get; set; }

    /// <summary>Penalties.</summary>
    public int? Penalties { get; set; }
}
