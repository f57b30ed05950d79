namespace AshNotch.Core.Reading.Rounds;

/// <summary>Where the user says that a roll begins, or that none does. It is tied to the words, so that it outlives further writing.</summary>
/// <param name="Words">The first words of the sentence.</param>
/// <param name="Occurrence">Which time these words stand in the telling, from 0.</param>
/// <param name="Begins">A roll begins there.</param>
public sealed record CutByHand(string Words, int Occurrence, bool Begins);
