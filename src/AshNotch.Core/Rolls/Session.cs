using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>One visit to the mat.</summary>
public sealed record Session
{
    /// <summary>An id that does not change.</summary>
    public required string Id { get; init; }

    /// <summary>The day; null when not told.</summary>
    public DateOnly? Date { get; init; }

    /// <summary>Clock time of the start.</summary>
    public TimeOnly? Time { get; init; }

    /// <summary>Class, open mat, competition and so on.</summary>
    public SessionKind? Kind { get; init; }

    /// <summary>Gi or no-gi.</summary>
    public Attire? Attire { get; init; }

    /// <summary>Remarks.</summary>
    public string? Notes { get; init; }

    /// <summary>The state of the day.</summary>
    public DayState? State { get; init; }

    /// <summary>What was taught.</summary>
    public IReadOnlyList<Taught> Taught { get; init; } = [];

    /// <summary>The rolls in order.</summary>
    public IReadOnlyList<Roll> Rolls { get; init; } = [];

    /// <summary>The rolls that were no practice, in order.</summary>
    public IEnumerable<Roll> LiveRolls => Rolls.Where(r => !r.IsPractice);
}
