using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Rolls;

namespace AshNotch.App.Views;

/// <summary>A focus of a block.</summary>
/// <param name="Way">The exchange.</param>
/// <param name="Say">It as a piece of work.</param>
/// <param name="Why">Why it was chosen; empty where nobody said.</param>
/// <param name="Rung">The rung it has come to.</param>
/// <param name="Caution">What to say of its move, or null.</param>
public sealed record BlockFocusView(Way Way, string Say, string Why, Rung Rung, string? Caution);
