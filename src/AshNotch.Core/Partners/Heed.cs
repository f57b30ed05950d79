using AshNotch.Core.Rolls;

namespace AshNotch.Core.Partners;

/// <summary>One thing to keep in mind before rolling with somebody.</summary>
/// <param name="Kind">What for.</param>
/// <param name="Way">What it is about.</param>
/// <param name="Worth">What a minute's thought of it is worth in a roll with them, in the unit of the goal.</param>
/// <param name="Say">It in a sentence, with its counts.</param>
/// <param name="OfKin">Not their own doing, but that of people like them.</param>
public sealed record Heed(HeedKind Kind, Way Way, double Worth, string Say, bool OfKin);
