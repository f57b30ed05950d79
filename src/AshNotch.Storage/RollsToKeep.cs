using AshNotch.Core.Rolls;

namespace AshNotch.Storage;

/// <summary>Rolls of one session on their way into the log.</summary>
public sealed record RollsToKeep
{
    /// <summary>The rolls, in order.</summary>
    public required IReadOnlyList<Roll> Rolls { get; init; }

    /// <summary>
    /// What is said of their session: with an id, that one; without, the one of that day, kind and attire, or a new one. Null leaves the
    /// first roll where it stands.
    /// </summary>
    public Session? Session { get; init; }

    /// <summary>The id of the session, should it be new.</summary>
    public string NewSession { get; init; } = "s-" + Guid.CreateVersion7().ToString("N");

    /// <summary>Partners met in passing; whom the log knows by that name already is that partner.</summary>
    public IReadOnlyList<Partner> Met { get; init; } = [];

    /// <summary>How often the first roll had been changed when this was made from it; null keeps it whatever happened since.</summary>
    public int? Version { get; init; }

    /// <summary>The draft that is done with.</summary>
    public string? Draft { get; init; }

    /// <summary>A telling, which is the same however often it is sent: one that is in the log already is left as it is.</summary>
    public bool Once { get; init; }
}
