namespace AshNotch.Core.Drilling.Week;

/// <summary>What is sore until it is cleared.</summary>
/// <param name="Place">Where.</param>
/// <param name="Mild">Whether it only asks for care: then what attacks it is left out, and what merely loads it is not.</param>
/// <param name="Since">Since when.</param>
public sealed record SoreSpot(SorePlace Place, bool Mild, DateOnly Since);
