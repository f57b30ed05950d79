namespace AshNotch.Core.Repertoire;

/// <summary>How often something came off in one place, on one side, with one partner.</summary>
/// <param name="Key">The place, the side or the partner.</param>
/// <param name="Came">How often.</param>
public sealed record CameWhere(string Key, Came Came);
