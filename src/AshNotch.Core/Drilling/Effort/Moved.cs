namespace AshNotch.Core.Drilling.Effort;

/// <summary>How far a focus of a block moved.</summary>
/// <param name="Block">Id of the block.</param>
/// <param name="Kind">What kind of exchange it was.</param>
/// <param name="Hours">How many hours of drilling lay behind it, in the mean of the live rolls looked at; more than 0.</param>
/// <param name="LogOdds">By how much the log odds changed for the better.</param>
/// <param name="Variance">How unsure that is, as a variance; more than 0.</param>
public sealed record Moved(string Block, ExchangeKind Kind, double Hours, double LogOdds, double Variance);
