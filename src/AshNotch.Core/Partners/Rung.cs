namespace AshNotch.Core.Partners;

/// <summary>A partner on the ladder for an exchange.</summary>
/// <param name="Partner">Their id.</param>
/// <param name="Name">What they are called.</param>
/// <param name="Chance">Of the two who could bring something off there, how often it is I, from 0 to 1.</param>
/// <param name="Rolls">How many rolls we had in the last eight weeks.</param>
public sealed record Rung(string Partner, string Name, double Chance, int Rolls);
