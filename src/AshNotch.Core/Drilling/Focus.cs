using AshNotch.Core.Rolls;

namespace AshNotch.Core.Drilling;

/// <summary>The exchange the practitioner chose to work on.</summary>
/// <param name="Way">The exchange.</param>
/// <param name="Chosen">The day it was chosen.</param>
/// <param name="Reason">Why, in the practitioner's words, where they did not take the first of the ranking.</param>
public sealed record Focus(Way Way, DateOnly Chosen, string? Reason);
