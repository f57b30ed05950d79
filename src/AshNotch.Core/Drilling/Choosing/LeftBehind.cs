using AshNotch.Core.Rolls;

namespace AshNotch.Core.Drilling.Choosing;

/// <summary>An exchange that ranks high and is not in the first set.</summary>
/// <param name="Way">The exchange.</param>
/// <param name="Say">It by its name.</param>
/// <param name="Why">Why it fell behind, in a sentence.</param>
public sealed record LeftBehind(Way Way, string Say, string Why);
