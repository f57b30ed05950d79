namespace AshNotch.Core.Reading.Rounds;

/// <summary>Whom the user says that a roll was with. It is tied to where the roll begins, so that it outlives further writing.</summary>
/// <param name="Words">The first words of the roll; empty for the first.</param>
/// <param name="Occurrence">Which time these words stand in the telling, from 0.</param>
/// <param name="Partner">The partner's id; empty for somebody of whom no record is kept.</param>
public sealed record WithByHand(string Words, int Occurrence, string Partner);
