namespace AshNotch.Core.Chain;

/// <summary>What one change of odds does, and its parts.</summary>
/// <param name="Gain">Change of the value per roll.</param>
/// <param name="Rate">Chance of the exit per step at the place, before the change.</param>
/// <param name="Visits">Expected steps at the place per roll, before the change.</param>
/// <param name="Worth">What the exit is worth each time it happens, against everything else that could happen there.</param>
public readonly record struct Change(double Gain, double Rate, double Visits, double Worth);
