namespace AshNotch.Core.Rolls;

/// <summary>What the referee of a match said, kept beside what is computed.</summary>
/// <param name="Me">My score on the board; null where it is not told.</param>
/// <param name="Partner">The other's.</param>
/// <param name="Winner">Who was given the match; null where it is not told.</param>
/// <param name="By">What decided it; null where it is not told.</param>
public sealed record OfficialResult(OfficialScore? Me, OfficialScore? Partner, MatchWinner? Winner, DecidedBy? By);
