namespace AshNotch.Core.Scoring;

/// <summary>Times of a roll that do not go together; the rest is scored all the same.</summary>
/// <param name="Exchange">Index of the exchange.</param>
/// <param name="Notch">Index of the notch in it.</param>
/// <param name="Say">What is wrong, a sentence.</param>
public sealed record LedgerFault(int Exchange, int Notch, string Say);
