using AshNotch.Core.Rolls;

namespace AshNotch.Bench.Simulation;

/// <summary>A partner of a simulated practitioner.</summary>
/// <param name="Record">As logged.</param>
/// <param name="Edge">What is added to their log odds and taken from mine: belt, weight and being better or worse than those say.</param>
/// <param name="Share">Share of the rolls that are with them.</param>
internal sealed record SimulatedPartner(Partner Record, double Edge, double Share);
