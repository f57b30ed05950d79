namespace AshNotch.Core.Chain;

/// <summary>One way out of a place of a chain.</summary>
/// <param name="Key">Whose move, which, where to.</param>
/// <param name="From">Index of the place left.</param>
/// <param name="To">Index of the place reached; -1 on a tap.</param>
public sealed record ChainExit(ExitKey Key, int From, int To);
