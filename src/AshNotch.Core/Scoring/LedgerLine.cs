using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>One line of a ledger: what somebody got for something, or why not.</summary>
/// <param name="Exchange">Index of the exchange.</param>
/// <param name="Notch">Index of the notch in it; null for a penalty.</param>
/// <param name="At">When, since the roll began; null when not told.</param>
/// <param name="By">Whose line it is: the points are theirs.</param>
/// <param name="For">What for.</param>
/// <param name="Points">Points; below 0 where some are taken off.</param>
/// <param name="Advantages">Advantages.</param>
/// <param name="Penalties">Penalties.</param>
/// <param name="Why">The reason, a sentence.</param>
public sealed record LedgerLine(
    int Exchange,
    int? Notch,
    RollTime? At,
    Who By,
    ScoredFor For,
    int Points,
    int Advantages,
    int Penalties,
    string Why
)
{
    /// <summary>What was computed, where the line was overruled; else null.</summary>
    public Computed? Computed { get; init; }

    /// <summary>It counts as held, and nothing says whether it was.</summary>
    public bool HeldUnsaid { get; init; }
}
