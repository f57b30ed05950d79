using AshNotch.Core.Drilling.Rounds;

namespace AshNotch.Core.Drilling.Plans;

/// <summary>One round of a planned session.</summary>
/// <param name="Focus">Index of the focus in its block, from 0; -1 for a refresher of a block before.</param>
/// <param name="Round">The round.</param>
/// <param name="With">Whom with, the easier first; empty where nobody fits or is known.</param>
public sealed record PlannedRound(int Focus, Round Round, IReadOnlyList<Suited> With);
