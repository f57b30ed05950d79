namespace AshNotch.Core.Drilling.Choosing;

/// <summary>A main focus with at most two beside it.</summary>
/// <param name="Focuses">The main one first.</param>
/// <param name="GainPerRoll">What all of them together would bring a roll: the mean over the draws.</param>
/// <param name="Low">Lower end of the likely range of that.</param>
/// <param name="High">Upper end.</param>
/// <param name="Why">What speaks for the set, in a sentence.</param>
public sealed record FocusSet(IReadOnlyList<ProposedFocus> Focuses, double GainPerRoll, double Low, double High, string Why);
