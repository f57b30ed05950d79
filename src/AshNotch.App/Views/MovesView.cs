namespace AshNotch.App.Views;

/// <summary>What the moves of one side do.</summary>
/// <param name="Unit">What a worth is told in.</param>
/// <param name="Moves">The moves, the most tried first.</param>
/// <param name="Conceded">What was let happen and what it opens, each a sentence.</param>
public sealed record MovesView(string Unit, IReadOnlyList<MoveRow> Moves, IReadOnlyList<PairView> Conceded);
